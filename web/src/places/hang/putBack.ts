import type { InHand } from "../../sums/keeping";
import type { GarmentSheet, Shape } from "./useGarmentSheet";

type Row = { from: number; to: number; count: number; pinned?: number | null };

/** A shape whose row of buttons is the spaced one: the row that stands there, or one nobody had measured. */
function withRow(shape: Shape, nth: number | null | undefined, row: Row): Partial<Shape> {
  const near = shape.near_hems ?? [];
  if (nth != null && near[nth]) {
    return { near_hems: near.map((each, i) => (i === nth ? { ...each, ...row } : each)) };
  }
  return { near_hems: [...near, { hem: "hem", kind: "buttons", width: 0, ...row }] };
}

/** Puts the answer of a sum into the sheet of a garment: a spaced row among what stands near its hems, a swatch into its cloth. */
export function puttingBack(
  setShape: GarmentSheet["setShape"],
  setGarment: GarmentSheet["setGarment"],
): InHand["putBack"] {
  return ({ sum, answer, place }) => {
    const { row } = answer;
    if (sum.sum === "spacing" && row && (!place || place.on === "buttons")) {
      const nth = place?.nth;
      return {
        words: nth == null ? "Put it on as its row of buttons" : "Put it in its row of buttons",
        done: "Put in its row of buttons",
        noted: false,
        put: () => setShape((now) => withRow(now, nth, row)),
      };
    }
    if (sum.sum === "shrink") {
      const { before, after } = sum;
      return {
        words: "Put the swatch with its cloth",
        done: "Put with its cloth",
        noted: false,
        put: () => setGarment({ wash_test: { before, after } }),
      };
    }
    return null;
  };
}
