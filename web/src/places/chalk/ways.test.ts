import { describe, expect, it } from "vitest";
import type { Of } from "../../api/client";
import { takeWay } from "./ways";

const fitting = {
  held_on: "2026-11-20",
  ends: [{ seam: "outseam", lower: { end: "run_off" }, upper: null }],
  accepted: [{ seam: "outseam", side: "centre", station: 940, depth: 9 }],
} as unknown as Of<"Fitting">;

describe("a way out of a warning", () => {
  it("asks for one end and leaves the other as it was asked for", () => {
    const way = {
      words: "Let it fade out",
      ends: { seam: "outseam", upper: { end: "taper", at: 1002 } },
      accepted: [],
    } as unknown as Of<"Way">;
    const taken = takeWay(fitting, way);
    expect(taken.ends).toEqual([
      { seam: "outseam", lower: { end: "run_off" }, upper: { end: "taper", at: 1002 } },
    ]);
    expect(taken.accepted).toBe(fitting.accepted);
  });

  it("accepts a depth in place of the one accepted there before", () => {
    const accepted = [{ seam: "outseam", side: "centre", station: 940.2, depth: 7 }];
    const taken = takeWay(fitting, { words: "Take 7", accepted } as unknown as Of<"Way">);
    expect(taken.accepted).toEqual(accepted);
    expect(taken.ends).toBe(fitting.ends);
  });
});
