import type { Fitting, Pin } from "./changes";

/** A fitting with nothing in it, for tests. */
export const fitting: Fitting = { held_on: "2026-11-16", intention: "easy", anchored: false };

/** A pin in it. */
export const pin = (id: string, reading: number): Pin => ({
  id,
  seam: "outseam",
  side: "left",
  datum: "hem",
  station: 600,
  mode: "seam_to_pin",
  reading,
});
