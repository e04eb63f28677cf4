import { describe, expect, it } from "vitest";
import { apply, between, type Fitting, same } from "./changes";
import { fitting, pin } from "./sample";

describe("what lies between two fittings", () => {
  const rich: Fitting = {
    ...fitting,
    anchored: true,
    intention: "close",
    pins: [pin("a", 10), pin("b", 12)],
    evening: [{ seam: "outseam", choice: "mean" }],
    ends: [{ seam: "outseam", lower: { end: "run_off" } }],
    accepted: [{ seam: "outseam", side: "left", station: 600, depth: 9 }],
    hems: [
      {
        hem: "hem",
        wanted: { from: "pins" },
        readings: [{ id: "r", side: "left", at: 90, read: "edge_to_pin", length: 10 }],
      },
    ],
    sums: [{ id: "s", note: "cuff", sum: { sum: "gathers", long: 40, short: 20 } }],
    progress: {
      done: { chalk: 12 },
      confirmed: ["cut/looked"],
      vouched: { chalk: [{ of: "seen", mark: "0123456789abcdef" }] },
    },
    form: { taken_on: "2026-11-01", measures: { hip: 1000 }, layers: [] },
  };

  it("leads there and back", () => {
    for (const [one, other] of [
      [fitting, rich],
      [rich, fitting],
      [
        rich,
        {
          ...rich,
          pins: [pin("b", 13), pin("c", 9)],
          hems: [{ hem: "hem" as const, wanted: { from: "floor" as const, height: 60 }, readings: [] }],
        },
      ],
    ] as [Fitting, Fitting][]) {
      const walked = apply(one, between(one, other));
      expect(between(walked, other)).toEqual([]);
      expect(between(other, walked)).toEqual([]);
    }
  });

  it("is nothing between a fitting and itself, written out or not", () => {
    const { form } = rich;
    expect(form).toBeTruthy();
    expect(between(rich, { ...rich, form: form && { ...form, layers: [] } })).toEqual([]);
    expect(between(fitting, { ...fitting, pins: [], form: null })).toEqual([]);
    expect(same({ a: null, b: 1 }, { b: 1 })).toBe(true);
  });

  it("says a hem's wish without its readings, and each reading for itself", () => {
    const changes = between(fitting, rich).filter((change) => change.change.includes("hem"));
    expect(changes.map((change) => change.change)).toEqual(["wish_hem", "read_hem"]);
    expect(changes[0]).toMatchObject({ wish: { readings: [] } });
  });
});
