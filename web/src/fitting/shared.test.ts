import { afterAll, beforeAll, expect, it } from "vitest";
import text from "../../../crates/fit/tests/vectors/changes.json?raw";
import { kinds } from "../alterations/kinds";
import { apply, between, type Change, type Fitting } from "./changes";
import { fitting } from "./sample";

type Walked = { change: Change; after: Fitting; between: Change[] };

/** The row of changes that the core wrote, with what it made of each. */
const row = JSON.parse(text) as Walked[];

/** What a value says, whatever the order of its fields and rows and whether nothing is written out. */
function said(value: unknown): string {
  if (Array.isArray(value)) return value.length > 0 ? `[${value.map(said).sort().join()}]` : "";
  if (value === null || value === undefined || value === "") return "";
  if (typeof value !== "object") return JSON.stringify(value);
  const fields = Object.entries(value).flatMap(([name, each]) =>
    said(each) ? [`${name}:${said(each)}`] : [],
  );
  return fields.length > 0 ? `{${fields.sort().join()}}` : "";
}

// The kind of alteration that only the core's tests know.
beforeAll(() => {
  kinds.slimmed = { place: (wish) => (wish as unknown as { seam: string }).seam, Entry: () => null };
});
afterAll(() => {
  delete kinds.slimmed;
});

it("makes of its own copy what the workroom will make of it, change by change", () => {
  expect(row.length).toBeGreaterThan(100);
  let stands: Fitting = { ...fitting };
  for (const { change, after, between: leads } of row) {
    const before = stands;
    stands = apply(before, [change]);
    expect(said(stands), JSON.stringify(change)).toBe(said(after));
    expect(said(between(before, stands)), JSON.stringify(change)).toBe(said(leads));
    expect(said(apply(before, leads))).toBe(said(after));
  }
});
