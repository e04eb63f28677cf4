import type { QueryClient } from "@tanstack/react-query";

/** What a change makes stale, by what the keys of queries begin with. What is computed is kept by what it is computed of. */
export const stale = {
  /** A garment, its fittings or what was done with them. */
  garments: ["account", "rail", "garment", "fitting", "would"],
  /** Somebody's measures, or that they are here at all. */
  wearers: ["account", "wearers", "rail", "garment", "fitting", "would"],
  /** How the account works. */
  habits: ["habits", "rail", "garment", "fitting", "would"],
  /** A whole workroom came in, or much of it was put right at once. */
  workroom: ["account", "habits", "wearers", "rail", "garment", "fitting", "would"],
  /** Somebody came in: nothing that was asked before is theirs. */
  person: [
    "who",
    "account",
    "restoring",
    "habits",
    "wearers",
    "rail",
    "garment",
    "fitting",
    "guests",
    "would",
  ],
} as const;

/** Asks again for what a change made stale; done when all of it that is looked at has come. */
export const askAgain = async (queries: QueryClient, what: keyof typeof stale) => {
  await Promise.all(stale[what].map((first) => queries.invalidateQueries({ queryKey: [first] })));
};
