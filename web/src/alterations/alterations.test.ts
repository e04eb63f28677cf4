import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { apply, between, type Fitting } from "../fitting/changes";
import { fitting } from "../fitting/sample";
import { altered, doneWithout } from "./Alterations";
import { type Alteration, alterationKey, kinds } from "./kinds";

/** A kind that only this test knows: the rest of the screen knows it by its row. */
const pinched = (seam: string, by: number) => ({ alteration: "pinched", seam, by }) as Alteration;

describe("an alteration beside lines and hems", () => {
  beforeAll(() => {
    kinds.pinched = { place: (wish) => (wish as unknown as { seam: string }).seam, Entry: () => null };
  });
  afterAll(() => {
    delete kinds.pinched;
  });

  it("is known by its kind and its place", () => {
    expect(alterationKey(pinched("side", 4))).toBe("pinched_side");
    const unknown = (place: string) => ({ alteration: "of another build", place }) as Alteration;
    expect(alterationKey(unknown("here"))).not.toBe(alterationKey(unknown("there")));
  });

  it("is put, changed and done without by one change each", () => {
    const put = altered(fitting, pinched("side", 4));
    const changed = altered(put, pinched("side", 5));
    const two = altered(changed, pinched("centre_back", 3));
    expect(between(fitting, put)).toEqual([{ change: "alter", alteration: pinched("side", 4) }]);
    expect(between(put, changed)).toEqual([{ change: "alter", alteration: pinched("side", 5) }]);
    expect(between(two, changed)).toEqual([{ change: "do_without", key: "pinched_centre_back" }]);
    expect(doneWithout(two, "pinched_side").alterations).toEqual([pinched("centre_back", 3)]);
    for (const [one, other] of [
      [fitting, two],
      [two, put],
      [put, fitting],
    ] as [Fitting, Fitting][]) {
      expect(between(apply(one, between(one, other)), other)).toEqual([]);
    }
  });
});
