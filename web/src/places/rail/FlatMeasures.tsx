import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";
import type { GarmentSheet, Trousers } from "./useGarmentSheet";

/** Every length of the sheet: the garment laid flat, then what is inside its seams. */
export function FlatMeasures({ sheet }: { sheet: GarmentSheet }) {
  const words = useQuery(wordsQuery);
  const { shape, cloth } = sheet.record.garment;
  const { setShape, setCloth } = sheet;
  const lengths = useMemo(
    () => ({
      ...(shape.flats as Record<string, number>),
      band: shape.band.height,
      turn_up: shape.turn_up,
      gap: shape.back_pocket_gap ?? undefined,
      thickness: cloth?.thickness,
      ...Object.fromEntries(
        (shape.allowances ?? []).flatMap((each) => [
          [`${each.seam} front`, each.front],
          [`${each.seam} back`, each.back],
        ]),
      ),
    }),
    [shape, cloth],
  );
  const shown = useShown(lengths);
  const field = (
    name: string,
    label: string,
    onLength: (mm: number | undefined) => void,
    more: { needed?: boolean; hint?: string } = {},
  ) => (
    <LengthField
      key={name}
      name={name}
      label={label}
      shown={shown ? (shown[name] ?? "") : undefined}
      wrong={sheet.wrong[name]}
      onWrong={(said) => sheet.setWrong(name, said)}
      onReading={sheet.onReading}
      onLength={onLength}
      {...more}
    />
  );
  return (
    <>
      <div>
        <h2>Laid flat and closed, edge to edge</h2>
        <p className="soft">
          Widths as the tape shows them; the girth is twice that. One leg at a time from the thigh down. Tab
          follows the tape down the garment.
        </p>
      </div>
      <div className="fields">
        {words.data?.trousers.map((each) =>
          field(each.name, each.words, (mm) => setShape(flat(each.name, mm)), {
            needed: each.needed,
            hint: each.name === "outseam" ? "top of band to hem fold" : "",
          }),
        )}
        {field(
          "band",
          "band height",
          (mm) => mm !== undefined && setShape(({ band }) => ({ band: { ...band, height: mm } })),
        )}
        {field("turn_up", "hem turn-up", (mm) => mm !== undefined && setShape(() => ({ turn_up: mm })))}
        {field("gap", "between back pockets", (mm) => setShape(() => ({ back_pocket_gap: mm ?? null })))}
        {field("thickness", "cloth thickness", (mm) => mm !== undefined && setCloth({ thickness: mm }))}
      </div>
      <div>
        <h2>Inside the seams</h2>
        <p className="soft">
          What is beyond the stitching, on each panel; leave empty what you have not looked at.
        </p>
      </div>
      <div className="fields">
        {(["outseam", "inseam", "centre_back"] as const).flatMap((seam) =>
          (["front", "back"] as const).map((panel) =>
            field(`${seam} ${panel}`, `${seam.replace("_", " ")}, ${panelWords(seam, panel)}`, (mm) =>
              setShape(allowance(seam, panel, mm)),
            ),
          ),
        )}
      </div>
    </>
  );
}

function panelWords(seam: Of<"SeamName">, panel: "front" | "back"): string {
  if (seam !== "centre_back") return panel;
  return panel === "front" ? "left" : "right";
}

const flat = (name: string, mm: number | undefined) => (shape: Trousers) => ({
  flats: Object.fromEntries(
    Object.entries({ ...shape.flats, [name]: mm }).filter(([, value]) => value !== undefined),
  ) as Trousers["flats"],
});

const allowance =
  (seam: Of<"SeamName">, panel: "front" | "back", mm: number | undefined) => (shape: Trousers) => {
    const now = shape.allowances?.find((each) => each.seam === seam);
    const others = (shape.allowances ?? []).filter((each) => each.seam !== seam);
    if (mm === undefined) return { allowances: others };
    return { allowances: [...others, { seam, front: now?.front ?? mm, back: now?.back ?? mm, [panel]: mm }] };
  };
