import type { Of } from "../api/client";
import { keysOf } from "../entry/keysOf";
import type { KnownSum, Sum } from "./keeping";

export type SumName = Sum["sum"];
type SlitPlace = Of<"SlitPlace">;

/** A field of a sum: a length, several lengths, a whole number, or one of a few ways. */
export type SumField = {
  name: string;
  label: string;
  is: "length" | "lengths" | "count" | "way";
  optional?: boolean;
  ways?: { value: string; label: string }[];
};

/** Where a slit may go. */
const slitPlaces: Record<SlitPlace, string> = {
  left_half: "left half, by its darts",
  right_half: "right half, by its darts",
  middle: "in the middle",
  seam: "in the seam at its left end",
};

export type SumKind = {
  name: SumName;
  words: string;
  for: string;
  fields: SumField[];
  switches?: [string, string][];
};

const length = (name: string, label: string, optional = false): SumField => ({
  name,
  label,
  is: "length",
  optional,
});

/** The sum that is offered first. */
export const firstKind: SumKind = {
  name: "spacing",
  words: "Even spacing",
  for: "buttons, eyelets, belt loops, hooks",
  fields: [
    length("from", "first at"),
    length("to", "last at"),
    { name: "count", label: "how many", is: "count" },
    length("pinned", "one has to stand at", true),
    length("clear.at", "none may stand at", true),
    length("clear.by", "keep off by", true),
  ],
};

/** The sums with their fields, in the order they are offered. */
export const kinds: SumKind[] = [
  firstKind,
  {
    name: "bias",
    words: "Bias strips",
    for: "facings and bound edges",
    fields: [length("length", "edge"), length("width", "strip cut wide"), length("cloth", "cloth wide")],
    switches: [
      ["doubled", "cut on a fold, at double width"],
      ["both_edges", "both edges of an open seam"],
    ],
  },
  {
    name: "elastic",
    words: "Elastic",
    for: "casings, between what is sewn through them",
    fields: [
      { name: "spans", label: "segments, with a semicolon between", is: "lengths" },
      length("gap", "has to lose"),
    ],
  },
  {
    name: "pleats",
    words: "Pleats",
    for: "cloth for so many folds",
    fields: [
      length("finished", "pleated width"),
      { name: "count", label: "how many", is: "count" },
      length("depth", "depth of each"),
    ],
  },
  {
    name: "gathers",
    words: "Gathers",
    for: "a long edge drawn up to a short one",
    fields: [length("long", "long edge"), length("short", "short edge")],
  },
  {
    name: "slit",
    words: "Slit",
    for: "by the darts of one half, in the middle, or in a seam",
    fields: [
      length("across", "width it is cut into"),
      {
        name: "place",
        label: "where in it",
        is: "way",
        optional: true,
        ways: keysOf(slitPlaces).map((value) => ({ value, label: slitPlaces[value] })),
      },
      { name: "darts", label: "darts and seams from its left end", is: "lengths", optional: true },
      length("opening", "open at the hem"),
      length("height", "height"),
    ],
  },
  {
    name: "shrink",
    words: "Shrinking",
    for: "what to cut for cloth not washed yet",
    fields: [
      length("wanted", "shall measure"),
      length("before", "swatch before"),
      length("after", "swatch after"),
    ],
  },
];

/** What is known of a sum, by field, as it is typed. */
export const typedOf = (known: KnownSum): Record<string, string> =>
  Object.fromEntries(known.numbers.map((number) => [number.field, number.shown]));
