import { expect, test } from "vitest";
import { fittingPlaces, placeNamed, placesAt, tables, to } from "./registry";

test("every place stands at one table, once", () => {
  const all = tables.flatMap(({ table }) => placesAt(table).map(({ place }) => place));
  expect([...all].sort()).toEqual(Object.keys(fittingPlaces).sort());
});

test("an address names its place, and anything else is the mirror", () => {
  for (const { table } of tables) {
    for (const { place } of placesAt(table)) {
      expect(placeNamed(to.fitting("a", place).split("/").at(-1))).toBe(place);
    }
  }
  expect(placeNamed("toString")).toBe("mirror");
  expect(placeNamed(undefined)).toBe("mirror");
});

test("what is asked of a place stands in its address", () => {
  expect(to.fitting("a", "chalk", { seam: "centre_back" })).toBe("/fittings/a/chalk?seam=centre_back");
});
