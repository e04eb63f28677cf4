import { expect, test } from "vitest";
import { changed } from "./changed";

test("an entry is changed, or taken out, and the map that was stays as it was", () => {
  const flats: { waist?: number; hip?: number } = { waist: 400 };
  expect(changed(flats, "hip", 520)).toEqual({ waist: 400, hip: 520 });
  expect(changed(flats, "waist", undefined)).toEqual({});
  expect(flats).toEqual({ waist: 400 });
});
