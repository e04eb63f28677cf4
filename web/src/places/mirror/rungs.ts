import type { Of } from "../../api/client";

type Pin = Of<"Pin">;
type Read = Of<"ReadPin">["read"];

/** How near a reading has to stand to a pin set from numbers to move it, in millimetres. */
const NEAR = 10;

/** The pin of a ladder that a reading moves: on the same seam and side, where the reading stands. */
export function rungAt(solution: Of<"Solution">, pins: Pin[], pin: Pin, read: Read): Pin | undefined {
  const stations = new Map(
    solution.seams.flatMap((seam) => seam.pins.map((each) => [each.id, each.station] as const)),
  );
  const station = read?.station;
  if (station == null) return undefined;
  const away = (each: Pin) => Math.abs((stations.get(each.id) ?? Infinity) - station);
  return pins
    .filter((each) => each.planned != null && each.seam === pin.seam && each.side === pin.side)
    .filter((each) => away(each) <= NEAR)
    .sort((one, other) => away(one) - away(other))[0];
}

/** A planned pin moved on the body: what was planned stays beside where it was moved to. */
export function moved(rung: Pin, pin: Pin, read: Read): Pin {
  return {
    ...rung,
    mode: pin.mode,
    reading: pin.reading,
    panel: pin.panel ?? null,
    moved: read?.depth ?? null,
    reread: false,
    exact: false,
  };
}
