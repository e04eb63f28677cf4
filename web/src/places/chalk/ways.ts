import type { Of } from "../../api/client";

type Fitting = Of<"Fitting">;

/** The fitting with what a button of a warning asks for: an end of a line, depths accepted, or both. */
export function takeWay(fitting: Fitting, way: Of<"Way">): Fitting {
  const { ends, accepted } = way;
  const known = fitting.ends?.find((each) => each.seam === ends?.seam);
  const others = (fitting.ends ?? []).filter((each) => each.seam !== ends?.seam);
  // The end it says nothing about stays as it was asked for.
  const wished = ends && {
    seam: ends.seam,
    lower: ends.lower ?? known?.lower ?? null,
    upper: ends.upper ?? known?.upper ?? null,
  };
  const isSame = (one: Of<"AcceptedDepth">, other: Of<"AcceptedDepth">) =>
    one.seam === other.seam && one.side === other.side && Math.abs(one.station - other.station) < 1;
  const kept = (fitting.accepted ?? []).filter((each) => !accepted.some((own) => isSame(own, each)));
  return {
    ...fitting,
    ends: wished ? [...others, wished] : fitting.ends,
    accepted: accepted.length > 0 ? [...kept, ...accepted] : fitting.accepted,
  };
}
