import { describe, expect, it } from "vitest";
import type { Of } from "../../api/client";
import { puttingBack } from "./putBack";
import type { Garment, Shape } from "./useGarmentSheet";

const drawing = { lines: [], labels: [] };
const row = { from: 60, to: 560, count: 6, pinned: 300 };
const spacing: Of<"Sum"> = { sum: "spacing", from: 60, to: 560, count: 6, pinned: 300 };
const answer: Of<"SumAnswer"> = { title: "even spacing", words: "", rows: [], result: 100, row, drawing };

/** A sheet that keeps what is put into it. */
function sheet(shape: Partial<Shape>) {
  let garment: Garment = { name: "", shape: { kind: "trousers", flats: {}, turn_up: 40, ...shape } };
  const putBack = puttingBack(
    (change) => (garment = { ...garment, shape: { ...garment.shape, ...change(garment.shape) } }),
    (change) => (garment = { ...garment, ...change }),
  );
  return { putBack, garment: () => garment };
}

describe("an answer put back into a garment's sheet", () => {
  it("takes the place of the row it was taken from, and of no other", () => {
    const vent = { hem: "hem", kind: "vent", from: 0, to: 200, width: 30 } as const;
    const buttons = { hem: "hem", kind: "buttons", from: 80, to: 500, width: 0, count: 4 } as const;
    const { putBack, garment } = sheet({ near_hems: [vent, buttons] });
    putBack({ sum: spacing, answer, place: { on: "buttons", nth: 1 } })?.put("");
    expect(garment().shape.near_hems).toEqual([vent, { ...buttons, ...row }]);
  });

  it("is the first row of a garment nobody had measured one on", () => {
    const { putBack, garment } = sheet({ near_hems: [] });
    putBack({ sum: spacing, answer, place: { on: "buttons", nth: null } })?.put("");
    expect(garment().shape.near_hems).toEqual([{ hem: "hem", kind: "buttons", width: 0, ...row }]);
  });

  it("leaves a swatch with the cloth, and nothing where there is no place for it", () => {
    const { putBack, garment } = sheet({});
    const shrink: Of<"Sum"> = { sum: "shrink", wanted: 900, before: 200, after: 190 };
    putBack({ sum: shrink, answer: { ...answer, row: null }, place: { on: "cloth" } })?.put("");
    expect(garment().wash_test).toEqual({ before: 200, after: 190 });
    const gathers: Of<"Sum"> = { sum: "gathers", long: 900, short: 600 };
    expect(putBack({ sum: gathers, answer: { ...answer, row: null }, place: { on: "waist" } })).toBeNull();
    // Eyelets are no row of buttons.
    expect(putBack({ sum: spacing, answer, place: { on: "lacing" } })).toBeNull();
  });
});
