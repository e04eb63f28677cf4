import { Select } from "antd";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { ShapeList } from "./ShapeList";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";

const kinds: { value: Of<"Fixture">["kind"]; label: string }[] = [
  { value: "zip", label: "zip" },
  { value: "buttons", label: "buttons" },
  { value: "pocket", label: "pocket" },
  { value: "match", label: "pattern to match" },
];

/** What is set into a seam and limits it: zips, buttons, pockets, patterns that meet. */
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
  return (
    <ShapeList
      sheet={sheet}
      list="fixtures"
      add="Something is set into a seam: zip, pocket, pattern"
      fresh={first && { seam: first, kind: "zip", from: 0, to: 200 }}
      row={(fixture, i, set) => (
        <>
          <Select
            aria-label={`What is set in, ${i + 1}`}
            style={{ minWidth: 150 }}
            value={fixture.kind}
            onChange={(kind) => set({ kind })}
            options={kinds}
          />
          <Select
            aria-label={`In which seam, ${i + 1}`}
            style={{ minWidth: 160 }}
            value={fixture.seam}
            onChange={(seam) => set({ seam })}
            options={seams.map((each) => ({ value: each.seam, label: each.words }))}
          />
          <Select
            aria-label={`On which side, ${i + 1}`}
            style={{ minWidth: 110 }}
            value={fixture.side ?? "both"}
            onChange={(side) => set({ side: side === "left" || side === "right" ? side : null })}
            options={[
              { value: "both", label: "both sides" },
              { value: "left", label: "left" },
              { value: "right", label: "right" },
            ]}
          />
          {field(`fixture ${i} from`, "from the lower end", (mm) => mm !== undefined && set({ from: mm }))}
          {field(`fixture ${i} to`, "up to", (mm) => mm !== undefined && set({ to: mm }))}
          {field(`fixture ${i} most`, "may move", (mm) => set({ most: mm ?? null }), {
            hint: "empty: the house's limit",
          })}
        </>
      )}
    />
  );
}
