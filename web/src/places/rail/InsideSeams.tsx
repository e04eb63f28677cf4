import { useQuery } from "@tanstack/react-query";
import { Button, Select } from "antd";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";
import type { GarmentSheet, Shape } from "./useGarmentSheet";

type SeamName = Of<"SeamName">;

/** What is inside each seam, where it is clipped, and what is set into it. */
export function InsideSeams({ sheet }: { sheet: GarmentSheet }) {
  const words = useQuery(wordsQuery);
  const { shape } = sheet.record.garment;
  const { setShape } = sheet;
  const kind = words.data?.kinds.find((each) => each.name === shape.kind);
  const pinnable = sheet.solution.data?.pinnable.filter((each) => !each.new_dart) ?? [];
  const lengths = useMemo(() => ({ ...ofAllowances(shape), ...ofFixtures(shape) }), [shape]);
  const shown = useShown(lengths);
  const field = (name: string, label: string, onLength: (mm: number | undefined) => void) => (
    <LengthField
      key={name}
      name={name}
      label={label}
      shown={shown ? (shown[name] ?? "") : undefined}
      wrong={sheet.wrong[name]}
      onWrong={(said) => sheet.setWrong(name, said)}
      onReading={sheet.onReading}
      onLength={onLength}
    />
  );
  const setFixture = (i: number, change: Partial<Of<"Fixture">>) =>
    setShape((now) => ({
      fixtures: (now.fixtures ?? []).map((each, at) => (at === i ? { ...each, ...change } : each)),
    }));
  const seams = pinnable.map((each) => ({ value: each.seam, label: each.words }));
  const first = seams[0]?.value;
  return (
    <>
      <div>
        <h2>Inside the seams</h2>
        <p className="soft">
          What is beyond the stitching, on each edge, up to the nearest clip; leave empty what you have not
          looked at.
        </p>
      </div>
      <div className="fields">
        {pinnable.flatMap(({ seam, words: name, edges }) =>
          (["front", "back"] as const).map((panel, i) =>
            field(`${seam} ${panel}`, `${name}, ${edges[i]}`, (mm) => setShape(allowance(seam, panel, mm))),
          ),
        )}
      </div>
      {(shape.fixtures ?? []).map((fixture, i) => (
        <div className="row" key={i} style={{ alignItems: "flex-end", gap: 10 }}>
          <Select
            aria-label={`What is set in, ${i + 1}`}
            style={{ minWidth: 150 }}
            value={fixture.kind}
            onChange={(kind) => setFixture(i, { kind })}
            options={[
              { value: "zip", label: "zip" },
              { value: "buttons", label: "buttons" },
              { value: "pocket", label: "pocket" },
              { value: "match", label: "pattern to match" },
            ]}
          />
          <Select
            aria-label={`In which seam, ${i + 1}`}
            style={{ minWidth: 160 }}
            value={fixture.seam}
            onChange={(seam) => setFixture(i, { seam })}
            options={seams}
          />
          {field(
            `fixture ${i} from`,
            "from the lower end",
            (mm) => mm !== undefined && setFixture(i, { from: mm }),
          )}
          {field(`fixture ${i} to`, "up to", (mm) => mm !== undefined && setFixture(i, { to: mm }))}
          <Button
            onClick={() => setShape((now) => ({ fixtures: now.fixtures?.filter((_, at) => at !== i) ?? [] }))}
          >
            Take out
          </Button>
        </div>
      ))}
      {kind && first && (
        <div className="row">
          <Button
            onClick={() =>
              setShape((now) => ({
                fixtures: [...(now.fixtures ?? []), { seam: first, kind: "zip", from: 0, to: 200 }],
              }))
            }
          >
            Something is set into a seam: zip, pocket, pattern
          </Button>
        </div>
      )}
    </>
  );
}

function ofAllowances(shape: Shape): Record<string, number> {
  return Object.fromEntries(
    (shape.allowances ?? []).flatMap((each) => [
      [`${each.seam} front`, each.front],
      [`${each.seam} back`, each.back],
    ]),
  );
}

function ofFixtures(shape: Shape): Record<string, number> {
  return Object.fromEntries(
    (shape.fixtures ?? []).flatMap((each, i) => [
      [`fixture ${i} from`, each.from],
      [`fixture ${i} to`, each.to],
    ]),
  );
}

const allowance = (seam: SeamName, panel: "front" | "back", mm: number | undefined) => (shape: Shape) => {
  const now = shape.allowances?.find((each) => each.seam === seam);
  const others = (shape.allowances ?? []).filter((each) => each.seam !== seam);
  if (mm === undefined) return { allowances: others };
  return { allowances: [...others, { seam, front: now?.front ?? mm, back: now?.back ?? mm, [panel]: mm }] };
};
