import type { ComponentType } from "react";
import type { Of } from "../api/client";

export type Alteration = Of<"Alteration">;

/** What the screen knows of a kind of alteration; everything else about it comes from the core. */
type Kind = {
  /** Where on the garment one is: the second half of its key. */
  place: (wish: Alteration) => string;
  /** Asks what of it is wished. */
  Entry: ComponentType<{ wish: Alteration; onWish: (wish: Alteration) => void }>;
};

/** Every kind of alteration beside lines and hems, by its name in files. */
export const kinds: Record<string, Kind> = {};

/** By what an alteration is put, changed and taken out, as the core says it. One this screen does not know it keeps as it is. */
export const alterationKey = (wish: Alteration) =>
  `${wish.alteration}_${kinds[wish.alteration]?.place(wish) ?? JSON.stringify(wish)}`;
