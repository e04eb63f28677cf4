import { describe, expect, it } from "vitest";
import { along, shareNearest } from "./along";

/** Up, and round a corner to the right: 100 and then 50 long. */
const course = [
  [0, 0],
  [0, 100],
  [50, 100],
];

describe("a place along a course", () => {
  it("is so much of its length from its beginning", () => {
    expect(along(course, 0)).toEqual([0, 0]);
    expect(along(course, 1)).toEqual([50, 100]);
    expect(along(course, 0.5)).toEqual([0, 75]);
    const [x, y] = along(course, 0.8) ?? [];
    expect(x).toBeCloseTo(20);
    expect(y).toBeCloseTo(100);
    expect(along([], 0.5)).toBeNull();
  });

  it("is found again from itself, and from beside it", () => {
    for (let share = 0; share <= 1; share += 0.05) {
      const at = along(course, share);
      expect(at && shareNearest(course, at)).toBeCloseTo(share);
    }
    expect(shareNearest(course, [-30, 60])).toBeCloseTo(0.4);
  });

  it("ends at the ends", () => {
    expect(shareNearest(course, [0, -500])).toBe(0);
    expect(shareNearest(course, [900, 120])).toBe(1);
    expect(shareNearest([[3, 3]], [0, 0])).toBe(0);
  });
});
