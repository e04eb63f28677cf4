import { useQuery } from "@tanstack/react-query";
import { Select } from "antd";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { Choice } from "../../entry/Choice";
import { keysOf } from "../../entry/keysOf";
import { ShapeList } from "./ShapeList";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";

type Feature = Of<"HemFeature">;

const lining: Record<Of<"LiningClosed">, string> = {
  felled: "felled by hand",
  bagged: "bagged out",
  free: "hangs free",
};

/** Numbers a feature may have beside where it stands. */
const wide: Feature["kind"][] = ["vent", "facing"];

/** What stands near the hems and can be in the way: vents, buttons, pockets, borders; and the lining there. */
export function NearHems({ sheet, places }: { sheet: GarmentSheet; places: Of<"HemPlace">[] }) {
  const words = useQuery(wordsQuery);
  const { shape } = sheet.record.garment;
  const features = shape.near_hems;
  const lengths = useMemo(
    () => ({
      ...Object.fromEntries(
        (features ?? []).flatMap((each, i) => [
          [`near ${i} from`, each.from],
          [`near ${i} to`, each.to],
          [`near ${i} width`, each.width],
          [`near ${i} pinned`, each.pinned ?? undefined],
        ]),
      ),
      turn_up: shape.turn_up,
      lining_above: shape.lining?.above ?? undefined,
      sleeve_turn_up: shape.sleeve_turn_up ?? undefined,
    }),
    [features, shape.lining, shape.turn_up, shape.sleeve_turn_up],
  );
  const field = useSheetField(sheet, lengths);
  const usual = words.data?.kinds.find((each) => each.name === shape.kind)?.lining;
  const sleeved = places.some((each) => each.hem === "sleeve");
  return (
    <div className="stack">
      <div className="fields">
        {field("turn_up", "hem turn-up", (mm) => mm !== undefined && sheet.setShape(() => ({ turn_up: mm })))}
        {sleeved &&
          field(
            "sleeve_turn_up",
            "sleeve hem turn-up",
            (mm) => sheet.setShape(() => ({ sleeve_turn_up: mm ?? null })),
            { hint: "empty: as the hem's" },
          )}
        {shape.lined && (
          <>
            {field(
              "lining_above",
              "lining ends above the edge",
              (mm) =>
                sheet.setShape((now) => ({
                  lining: { closed: now.lining?.closed ?? null, above: mm ?? null },
                })),
              { hint: "empty: as the house leaves it" },
            )}
            <Choice
              id="lining-closed"
              label="Lining closed"
              value={shape.lining?.closed ?? undefined}
              placeholder="nobody has looked"
              hint={shape.lining?.closed ? undefined : `taken to be: ${lining[usual ?? "felled"]}`}
              onClear={() =>
                sheet.setShape((now) => ({ lining: { above: now.lining?.above ?? null, closed: null } }))
              }
              onChange={(closed) =>
                sheet.setShape((now) => ({ lining: { above: now.lining?.above ?? null, closed } }))
              }
              options={keysOf(lining).map((value) => ({ value, label: lining[value] }))}
            />
          </>
        )}
      </div>
      <ShapeList
        sheet={sheet}
        list={[(shape) => shape.near_hems, (near_hems) => ({ near_hems })]}
        add="Something stands near a hem"
        fresh={{ hem: "hem", kind: "vent", from: 0, to: 200, width: 0 }}
        row={(feature, i, set) => (
          <>
            <Select
              aria-label={`What stands near the hem, ${i + 1}`}
              className="menu"
              value={feature.kind}
              onChange={(kind) => set({ kind })}
              options={words.data?.near_hems.map((each) => ({ value: each.name, label: each.words })) ?? []}
            />
            <Where feature={feature} i={i} places={places} set={set} />
            {!words.data?.near_hems.find((each) => each.name === feature.kind)?.from_edge &&
              field(
                `near ${i} from`,
                "lower end above the edge",
                (mm) => mm !== undefined && set({ from: mm }),
              )}
            {feature.kind !== "facing" &&
              field(`near ${i} to`, "upper end above the edge", (mm) => mm !== undefined && set({ to: mm }))}
            {wide.includes(feature.kind) &&
              field(`near ${i} width`, "turned in by", (mm) => mm !== undefined && set({ width: mm }))}
            {feature.kind === "buttons" &&
              field(`near ${i} pinned`, "one has to stand at", (mm) => set({ pinned: mm ?? null }), {
                hint: "empty: evenly from end to end",
              })}
            {feature.kind === "buttons" && (
              <Select
                aria-label={`How many buttons, ${i + 1}`}
                className="menu short"
                value={feature.count ?? 2}
                onChange={(count) => set({ count })}
                options={Array.from({ length: 19 }, (_, n) => ({ value: n + 2, label: `${n + 2} buttons` }))}
              />
            )}
          </>
        )}
      />
    </div>
  );
}

/** On which hem and where round it. */
function Where(props: {
  feature: Feature;
  i: number;
  places: Of<"HemPlace">[];
  set: (change: Partial<Feature>) => void;
}) {
  const { feature, i, places } = props;
  const place = places.find((each) => each.hem === feature.hem) ?? places[0];
  return (
    <>
      {places.length > 1 && (
        <Select
          aria-label={`On which hem, ${i + 1}`}
          className="menu short"
          value={feature.hem}
          onChange={(hem) => props.set({ hem, at: null })}
          options={places.map((each) => ({ value: each.hem, label: each.words }))}
        />
      )}
      <Select
        aria-label={`Where round the hem, ${i + 1}`}
        className="menu short"
        value={feature.at ?? -1}
        onChange={(at) => props.set({ at: at < 0 ? null : at })}
        options={[
          { value: -1, label: "all round" },
          ...(place?.spots.map((spot) => ({ value: spot.at, label: spot.words })) ?? []),
          ...(feature.at != null && !place?.spots.some((spot) => spot.at === feature.at)
            ? [{ value: feature.at, label: `at ${feature.at}°` }]
            : []),
        ]}
      />
    </>
  );
}
