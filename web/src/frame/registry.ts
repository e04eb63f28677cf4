import { keysOf } from "../entry/keysOf";

/** Where something of a fitting is done: before the mirror, at the chalk table, or at the bench. */
export type Table = "mirror" | "chalk" | "bench";

/** Every place of a fitting: what it is called among those at its table, in the order they stand there. */
export const fittingPlaces = {
  mirror: { table: "mirror", words: "Seams" },
  ring: { table: "mirror", words: "Hem" },
  chalk: { table: "chalk", words: "Lines" },
  hem: { table: "chalk", words: "Hem" },
  check: { table: "chalk", words: "Lengths & letting out" },
  share: { table: "chalk", words: "Share a change out" },
  fit: { table: "chalk", words: "Fit picture" },
  copy: { table: "chalk", words: "Copy a favourite" },
  compare: { table: "chalk", words: "Two fittings" },
  history: { table: "chalk", words: "What was done" },
  bench: { table: "bench", words: "Bench" },
} as const satisfies Record<string, { table: Table; words: string }>;

/** A place of a fitting. */
export type FittingPlaceName = keyof typeof fittingPlaces;

/** The tables in the order of the work. */
export const tables: { table: Table; words: string }[] = [
  { table: "mirror", words: "Mirror" },
  { table: "chalk", words: "Chalk" },
  { table: "bench", words: "Bench" },
];

/** The place an address names; the mirror where it names none. */
export function placeNamed(name: string | undefined): FittingPlaceName {
  return name !== undefined && Object.hasOwn(fittingPlaces, name) ? (name as FittingPlaceName) : "mirror";
}

/** The places at one table, in order. */
export function placesAt(table: Table): { place: FittingPlaceName; words: string }[] {
  const names = keysOf(fittingPlaces);
  return names
    .filter((place) => fittingPlaces[place].table === table)
    .map((place) => ({ place, words: fittingPlaces[place].words }));
}

/** The address of every place of the house: whatever leads somewhere asks here. */
export const to = {
  rail: "/",
  hang: "/hang",
  people: "/people",
  habits: "/habits",
  account: "/account",
  join: "/join",
  wearer: (id: string) => `/people/${id}`,
  garment: (id: string) => `/garments/${id}`,
  fitting: (id: string, place: FittingPlaceName, asked?: Record<string, string>) =>
    `/fittings/${id}/${place}${asked ? `?${new URLSearchParams(asked)}` : ""}`,
};
