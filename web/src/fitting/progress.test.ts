import { describe, expect, it } from "vitest";
import type { Fitting } from "./changes";
import { confirm, progressOf, seen, tick, untick, withdraw } from "./progress";

const mark = "0123456789abcdef";
const fitting: Fitting = { held_on: "2026-11-20" };

describe("what is done of a work order", () => {
  it("ticks a step for what was seen, and takes both back", () => {
    const ticked = tick(fitting, "try_on", 8, seen(mark));
    expect(progressOf(ticked)).toEqual({
      done: { try_on: 8 },
      confirmed: [],
      vouched: { try_on: [{ of: "seen", mark }] },
    });
    expect(progressOf(untick(ticked, "try_on"))).toEqual(progressOf(fitting));
  });

  it("ticks again for what is there now, in place of what was there", () => {
    const line = [{ of: "line" as const, seam: "outseam" as const, side: "left" as const, depths: [0, 9] }];
    const lapsed = tick(fitting, "chalk", 12, line);
    const again = progressOf(tick(lapsed, "chalk", 6, seen(mark)));
    expect(again.done).toEqual({ chalk: 6 });
    expect(again.vouched).toEqual({ chalk: seen(mark) });
  });

  it("confirms once, in order, and withdraws without touching anything else", () => {
    const both = ["trim_outseam/lining_out", "cut_band/allowance_included"].reduce(
      (now, condition) => confirm(now, condition, seen(mark)),
      tick(fitting, "chalk", null, []),
    );
    const twice = progressOf(confirm(both, "trim_outseam/lining_out", seen(mark)));
    expect(twice.confirmed).toEqual(["cut_band/allowance_included", "trim_outseam/lining_out"]);
    const withdrawn = progressOf(withdraw(both, "trim_outseam/lining_out"));
    expect(withdrawn.confirmed).toEqual(["cut_band/allowance_included"]);
    expect(Object.keys(withdrawn.vouched)).toEqual(["cut_band/allowance_included"]);
    expect(withdrawn.done).toEqual({ chalk: null });
  });

  it("says nothing of what a tick is about where nothing is said", () => {
    expect(progressOf(tick(fitting, "press", null, [])).vouched).toEqual({});
  });
});
