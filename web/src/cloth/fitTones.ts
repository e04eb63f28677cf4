import type { Of } from "../api/client";

/** Which garment is shown: as it came, or as it will be. */
export type Which = 0 | 1;

/** The tone of what an ease amounts to. */
export const tones: Record<Of<"Verdict">, string> = {
  strains: "var(--thread)",
  close: "var(--mind)",
  as_intended: "var(--green)",
  loose: "var(--chalk)",
  swamps: "var(--chalk-deep)",
};
