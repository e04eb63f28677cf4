import { expect, test } from "vitest";
import type { Of } from "../api/client";
import { actsFrom, matching } from "./palette";

const hanging = (id: string, name: string, place: Of<"Place">, fitting: string | null) =>
  ({
    id,
    fitting,
    wearer_name: "Ines Pellow",
    next: { place, words: "Trim the outseams" },
    record: { garment: { name } },
  }) as Of<"Hanging">;

const rail = [
  hanging("g1", "Green velvet dress", "bench", "f1"),
  hanging("g2", "Grey pinstripes", "rail", null),
];

test("a garment leads to where its next act is done, or to its sheet", () => {
  const acts = actsFrom(undefined, rail);
  expect(acts.find((act) => act.key === "g1")?.to).toBe("/fittings/f1/bench");
  expect(acts.find((act) => act.key === "g2")?.to).toBe("/garments/g2");
});

test("places of a fitting are offered only in one", () => {
  expect(actsFrom(undefined, rail).some((act) => act.key === "chalk")).toBe(false);
  expect(actsFrom("f1", rail).find((act) => act.key === "chalk")?.to).toBe("/fittings/f1/chalk");
});

test("every word has to be held somewhere, and what begins with it comes first", () => {
  const acts = actsFrom("f1", rail);
  expect(matching(acts, "gre").map((act) => act.key)).toEqual(["g1", "g2"]);
  expect(matching(acts, "ines velvet").map((act) => act.key)).toEqual(["g1"]);
  expect(matching(acts, "habits")[0]?.key).toBe("habits");
  expect(matching(acts, "nothing of the kind")).toEqual([]);
  expect(matching(acts, "  ")).toHaveLength(acts.length);
});
