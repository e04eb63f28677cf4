import { describe, expect, it } from "vitest";
import { spread } from "./spread";

describe("spread", () => {
  it("leaves alone what lies far enough apart", () => {
    expect(spread([10, 90, 200], 60, [0, 300])).toEqual([10, 90, 200]);
  });

  it("moves what is crowded down, and up again from the end", () => {
    expect(spread([10, 20, 30], 60, [0, 300])).toEqual([10, 70, 130]);
    expect(spread([250, 260, 300], 60, [0, 300])).toEqual([180, 240, 300]);
  });

  it("keeps the order and the distance wherever there is room", () => {
    for (let seed = 1; seed < 200; seed += 1) {
      const wanted = Array.from({ length: 7 }, (_, i) => (seed * (i + 3) * 37) % 500).sort((a, b) => a - b);
      const placed = spread(wanted, 60, [30, 470]);
      placed.forEach((at, i) => {
        expect(at).toBeGreaterThanOrEqual(30);
        expect(at).toBeLessThanOrEqual(470);
        if (i) expect(at - (placed[i - 1] ?? 0)).toBeGreaterThanOrEqual(60 - 1e-9);
      });
    }
  });
});
