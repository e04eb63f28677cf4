import { expect, test } from "vitest";
import { isDark, luminance } from "./tone";

test("black is dark, white is light, and green is lighter than blue", () => {
  expect(luminance("#000000")).toBe(0);
  expect(luminance("#ffffff")).toBeCloseTo(1);
  expect(luminance("#00ff00")).toBeGreaterThan(luminance("#0000ff"));
});

test("ink shows on calico and denim that is faded, not on navy or velvet", () => {
  expect(["#e6dcc6", "#7e96b2"].map(isDark)).toEqual([false, false]);
  expect(["#242c42", "#1e543c"].map(isDark)).toEqual([true, true]);
});
