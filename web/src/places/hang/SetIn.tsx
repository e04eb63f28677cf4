import { useQuery } from "@tanstack/react-query";
import { Select } from "antd";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { ShapeList } from "./ShapeList";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";
import "./hang.css";

/** What is set into a seam: zips, buttons, pockets, labels, patterns that meet. It limits the line, or comes out. */
export function SetIn({ sheet, seams }: { sheet: GarmentSheet; seams: Of<"PinnableSeam">[] }) {
  const fixtures = sheet.record.garment.shape.fixtures;
  const lengths = useMemo(
    () =>
      Object.fromEntries(
        (fixtures ?? []).flatMap((each, i) => [
          [`fixture ${i} from`, each.from],
          [`fixture ${i} to`, each.to],
          [`fixture ${i} most`, each.most ?? undefined],
        ]),
      ),
    [fixtures],
  );
  const field = useSheetField(sheet, lengths);
  const first = seams[0]?.seam;
  const kinds = useQuery(wordsQuery).data?.in_seams ?? [];
  return (
    <ShapeList
      sheet={sheet}
      list={[(shape) => shape.fixtures, (fixtures) => ({ fixtures })]}
      add="Something sits in a seam: zip, pocket, label"
      fresh={first && { seam: first, kind: "zip", from: 0, to: 200 }}
      row={(fixture, i, set) => (
        <>
          <Select
            aria-label={`What is set in, ${i + 1}`}
            className="menu"
            value={fixture.kind}
            onChange={(kind) => set({ kind, taken_out: null })}
            options={kinds.map(({ name, words }) => ({ value: name, label: words }))}
          />
          <Select
            aria-label={`In which seam, ${i + 1}`}
            className="menu"
            value={fixture.seam}
            onChange={(seam) => set({ seam })}
            options={seams.map((each) => ({ value: each.seam, label: each.words }))}
          />
          <Select
            aria-label={`On which side, ${i + 1}`}
            className="menu short"
            value={fixture.side ?? "both"}
            onChange={(side) => set({ side: side === "left" || side === "right" ? side : null })}
            options={[
              { value: "both", label: "both sides" },
              { value: "left", label: "left" },
              { value: "right", label: "right" },
            ]}
          />
          <ComesOut
            kind={kinds.find((each) => each.name === fixture.kind)}
            out={fixture.taken_out}
            label={`What becomes of it, ${i + 1}`}
            onChange={(taken_out) => set({ taken_out })}
          />
          {field(`fixture ${i} from`, "from the lower end", (mm) => mm !== undefined && set({ from: mm }))}
          {field(`fixture ${i} to`, "up to", (mm) => mm !== undefined && set({ to: mm }))}
          {!isOut(fixture, kinds) &&
            field(`fixture ${i} most`, "may move", (mm) => set({ most: mm ?? null }), {
              hint: "empty: the house's limit",
            })}
        </>
      )}
    />
  );
}

const isOut = (fixture: Of<"Fixture">, kinds: Of<"FixtureWords">[]) => {
  const kind = kinds.find((each) => each.name === fixture.kind);
  return kind?.can_come_out && (fixture.taken_out ?? kind.comes_out);
};

/** Whether it limits the line, or is taken out before its seam is moved and set back after. */
function ComesOut(props: {
  kind: Of<"FixtureWords"> | undefined;
  out: boolean | null | undefined;
  label: string;
  onChange: (out: boolean) => void;
}) {
  if (!props.kind?.can_come_out) return null;
  return (
    <Select
      aria-label={props.label}
      className="comes-out"
      value={props.out ?? props.kind.comes_out}
      onChange={props.onChange}
      options={[
        { value: false, label: "it limits the line" },
        { value: true, label: "taken out and set back" },
      ]}
    />
  );
}
