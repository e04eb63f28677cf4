import type { Of } from "../api/client";

/** Which garment is shown: as it came, or as it will be. */
export type Which = 0 | 1;

/** What an ease amounts to: its tone, its word, and what it means, tightest first. */
export const tones: Record<Of<"Verdict">, { tone: string; words: string; means: string }> = {
  strains: { tone: "var(--thread)", words: "strains", means: "less than the body needs to move" },
  close: { tone: "var(--mind)", words: "close", means: "closer than wanted, and wearable" },
  as_intended: { tone: "var(--green)", words: "as intended", means: "as wanted" },
  loose: { tone: "var(--chalk)", words: "loose", means: "looser than wanted" },
  swamps: { tone: "var(--chalk-deep)", words: "swamps", means: "half as much again as loose" },
};
