import type { Of } from "../../api/client";
import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { wordsQuery } from "../../api/queries";
import { bandOf, type GarmentSheet, type Shape } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";
import { changed } from "../../entry/changed";

/** Every measure of the garment laid flat; tab follows the tape down the garment. */
export function FlatMeasures({ sheet }: { sheet: GarmentSheet }) {
  const words = useQuery(wordsQuery);
  const { shape, cloth } = sheet.record.garment;
  const { setShape, setCloth } = sheet;
  const kind = words.data?.kinds.find((each) => each.name === shape.kind);
  const sleeved = (shape.sleeves ?? kind?.usual_sleeves) !== "none";
  const flats = kind?.flats.slice(0, sleeved ? undefined : kind.flats_without_sleeves) ?? [];
  const lengths = useMemo(
    () => ({
      ...shape.flats,
      band: bandOf(shape).height,
      turn_up: shape.turn_up,
      gap: shape.back_pocket_gap ?? undefined,
      thickness: cloth?.thickness,
    }),
    [shape, cloth],
  );
  const field = useSheetField(sheet, lengths);
  const legs = flats.some((each) => each.name === "inseam");
  return (
    <>
      <div>
        <h2>Laid flat and closed, edge to edge</h2>
        <p className="soft">
          Widths as the tape shows them; the girth is twice that.
          {legs ? " One leg at a time from the thigh down." : ""}
          {sleeved && kind?.takes_sleeves ? " One sleeve at a time." : ""} Tab follows the tape down the
          garment.
        </p>
      </div>
      <div className="fields">
        {flats.map((each) =>
          field(each.name, each.words, (mm) => setShape(flat(each.name, mm)), {
            needed: each.needed,
            hint: each.hint,
          }),
        )}
        {kind?.has_band &&
          field(
            "band",
            "band height",
            (mm) => mm !== undefined && setShape((now) => ({ band: { ...bandOf(now), height: mm } })),
          )}
        {field("turn_up", "hem turn-up", (mm) => mm !== undefined && setShape(() => ({ turn_up: mm })))}
        {legs &&
          field("gap", "between back pockets", (mm) => setShape(() => ({ back_pocket_gap: mm ?? null })))}
        {field("thickness", "cloth thickness", (mm) => mm !== undefined && setCloth({ thickness: mm }))}
      </div>
    </>
  );
}

const flat = (name: Of<"FlatName">, mm: number | undefined) => (shape: Shape) => ({
  flats: changed(shape.flats, name, mm),
});
