import type { Of } from "../api/client";
import type { Draft } from "../fitting/useDraft";

export type HemWish = Of<"HemWish">;
export type Wanted = Of<"Wanted">;
export type HemName = Of<"HemName">;
export type HemPlace = Of<"HemPlace">;
export type HemSolution = Of<"HemSolution">;
export type HemReading = Of<"HemReading">;

/** What is wanted of a hem in this fitting; nothing where it stays as it is. */
export const wishOf = (fitting: Of<"Fitting">, hem: HemName): HemWish | undefined =>
  fitting.hems?.find((wish) => wish.hem === hem);

/** A hem nobody has said anything about: where it is pinned, which is what the mirror is for. */
export const newWish = (hem: HemName): HemWish => ({ hem, wanted: { from: "pins" } });

/** Changes what is wanted of one hem; begins it where nothing was said yet. */
export function changeWish(draft: Draft, hem: HemName, change: (wish: HemWish) => HemWish) {
  draft.change((now) => {
    const hems = now.hems ?? [];
    const known = hems.some((wish) => wish.hem === hem);
    return {
      ...now,
      hems: known
        ? hems.map((wish) => (wish.hem === hem ? change(wish) : wish))
        : [...hems, change(newWish(hem))],
    };
  });
}

/** Leaves a hem as it is. */
export function dropWish(draft: Draft, hem: HemName) {
  draft.change((now) => ({ ...now, hems: (now.hems ?? []).filter((wish) => wish.hem !== hem) }));
}

/** The sides a hem is read on, in the order they are read. */
export const sidesOf = (place: HemPlace): Of<"Side">[] => (place.paired ? ["left", "right"] : ["centre"]);

/** The same way of saying a length, with another length in it. */
export function withLength(wanted: Wanted, mm: number): Wanted {
  switch (wanted.from) {
    case "edge":
      return { from: "edge", shorten: mm };
    case "floor":
      return { from: "floor", height: mm };
    case "garment":
      return { from: "garment", length: mm };
    case "landmark":
      return { ...wanted, below: mm };
    default:
      return wanted;
  }
}

/** The length in a way of saying it; none where it is pinned. */
export function lengthOf(wanted: Wanted): number | undefined {
  switch (wanted.from) {
    case "edge":
      return wanted.shorten;
    case "floor":
      return wanted.height;
    case "garment":
      return wanted.length;
    case "landmark":
      return wanted.below;
    default:
      return undefined;
  }
}

/** Another way of saying it, beginning where the core begins it. */
export const startOf = (from: Wanted["from"], { begins }: HemPlace): Wanted =>
  (from === "pins" ? undefined : begins[from]) ?? { from: "pins" };
