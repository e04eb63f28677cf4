import { useQuery } from "@tanstack/react-query";
import { Checkbox, Select } from "antd";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { Choice } from "../../entry/Choice";
import { bandOf, type GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";

type Parts = Of<"Parts">;

const unsaid: Parts = { collar: null, front: null, pockets: null, cuffs: null, loops: null, pleats: null };

/** The parts one sees on it: as most of its kind have them until somebody says otherwise. */
export function PartsChoice({ sheet }: { sheet: GarmentSheet }) {
  const words = useQuery(wordsQuery).data;
  const { shape } = sheet.record.garment;
  const kind = words?.kinds.find((each) => each.name === shape.kind);
  const lengths = useMemo(
    () => ({ band: bandOf(shape).height, gap: shape.back_pocket_gap ?? undefined }),
    [shape],
  );
  const field = useSheetField(sheet, lengths);
  const drawn = sheet.sketch.data?.parts;
  if (!words || !kind || !drawn) return null;
  const set = (change: Partial<Parts>) =>
    sheet.setShape((now) => ({ parts: { ...unsaid, ...now.parts, ...change } }));
  const pockets = drawn.pockets ?? [];
  const options = <Name extends string>(named: { name: Name; words: string }[]) =>
    named.map((each) => ({ value: each.name, label: each.words }));
  const seated = pockets.some((each) => each === "back_patch" || each === "back_welt");
  return (
    <section className="stack" aria-label="Parts">
      <div className="fields">
        {kind.takes_sleeves && (
          <Choice
            id="collar"
            label="Collar"
            value={drawn.collar ?? undefined}
            onChange={(collar) => set({ collar })}
            options={options(words.parts.collars)}
          />
        )}
        <Choice
          id="front"
          label="Front"
          value={drawn.front ?? undefined}
          onChange={(front) => set({ front })}
          options={options(words.parts.fronts)}
        />
        <Choice
          id="cuffs"
          label={kind.takes_sleeves ? "Sleeves end in" : "Legs end in"}
          value={drawn.cuffs ?? undefined}
          onChange={(cuffs) => set({ cuffs })}
          options={options(words.parts.cuffs)}
        />
        {kind.has_band &&
          field(
            "band",
            "band height",
            (mm) => mm !== undefined && sheet.setShape((now) => ({ band: { ...bandOf(now), height: mm } })),
          )}
        {kind.has_band && (
          <Choice
            id="build"
            label="Waistband"
            value={bandOf(shape).build ?? "one_piece"}
            onChange={(build) => sheet.setShape((now) => ({ band: { ...bandOf(now), build } }))}
            options={[
              { value: "one_piece", label: "one piece" },
              { value: "two_halves", label: "two halves, seam at back" },
            ]}
          />
        )}
        {seated &&
          field("gap", "between back pockets", (mm) =>
            sheet.setShape(() => ({ back_pocket_gap: mm ?? null })),
          )}
      </div>
      <div className="field">
        <label htmlFor="pockets">Pockets that show</label>
        <Select
          id="pockets"
          mode="multiple"
          virtual={false}
          placeholder="None"
          value={pockets}
          onChange={(pockets) => set({ pockets })}
          options={options(words.parts.pockets.filter((each) => kind.pockets.includes(each.name)))}
        />
      </div>
      <div className="row choices">
        {kind.has_band && (
          <>
            <Checkbox
              checked={drawn.loops ?? false}
              onChange={(event) => set({ loops: event.target.checked })}
            >
              Belt loops
            </Checkbox>
            <Checkbox
              checked={bandOf(shape).belt_loop_at_back ?? false}
              onChange={(event) =>
                sheet.setShape((now) => ({
                  band: { ...bandOf(now), belt_loop_at_back: event.target.checked },
                }))
              }
            >
              Belt loop at centre back
            </Checkbox>
          </>
        )}
        <Checkbox checked={drawn.pleats ?? false} onChange={(event) => set({ pleats: event.target.checked })}>
          Pleats below the waist
        </Checkbox>
      </div>
    </section>
  );
}
