import type { Of } from "../api/client";
import { keep, kept } from "../api/kept";

export type FittingRecord = Of<"FittingRecord">;
export type Fitting = Of<"Fitting">;
export type Pin = Of<"Pin">;
type Hem = Of<"HemWish">;

/** A fitting as it was read from the workroom, with its version. */
export type Base = { version: number; record: FittingRecord };

/** What this browser holds that the workroom may not have yet. */
export type Kept = { base: Base; draft: FittingRecord };

/** The changes this browser kept when it was last closed or cut off. */
export const keptDraft = (id: string): Kept | null => kept<Kept>("draft", id);

export const keepDraft = (id: string, draft: Kept | null) => keep("draft", id, draft);

/** True when two records say the same, whatever the order of their fields and whether nothing is written out. */
export const same = (a: unknown, b: unknown) => canonical(a) === canonical(b);

function canonical(value: unknown): string {
  return JSON.stringify(value, (_, part: unknown) =>
    part && typeof part === "object" && !Array.isArray(part)
      ? Object.fromEntries(
          Object.entries(part)
            .filter(([, each]) => each != null)
            .sort(([one], [other]) => (one < other ? -1 : 1)),
        )
      : part,
  );
}

/**
 * Three ways to one: what only they changed is theirs, what I changed is mine. Pins are told apart
 * by their ids, so that two people reading different pins lose none.
 */
export function merge(base: Fitting, mine: Fitting, theirs: Fitting): Fitting {
  const pick = <K extends keyof Fitting>(key: K): Fitting[K] =>
    same(mine[key], base[key]) ? theirs[key] : mine[key];
  return {
    held_on: pick("held_on"),
    intention: pick("intention"),
    anchored: pick("anchored"),
    evening: pick("evening"),
    ends: pick("ends"),
    accepted: pick("accepted"),
    form: pick("form"),
    hems: mergeHems(base.hems ?? [], mine.hems ?? [], theirs.hems ?? []),
    sums: mergeById(base.sums ?? [], mine.sums ?? [], theirs.sums ?? []),
    progress: {
      done: { ...theirs.progress?.done, ...mine.progress?.done },
      confirmed: [
        ...new Set([...(theirs.progress?.confirmed ?? []), ...(mine.progress?.confirmed ?? [])]),
      ].sort(),
    },
    pins: mergeById(base.pins ?? [], mine.pins ?? [], theirs.pins ?? []),
  };
}

/** Rows told apart by their ids: what only one side changed is that side's; where both did, mine. */
function mergeById<Row extends { id: string }>(base: Row[], mine: Row[], theirs: Row[]): Row[] {
  const of = (rows: Row[], id: string) => rows.find((row) => row.id === id);
  const ids = [...new Set([...theirs, ...mine].map((row) => row.id))];
  return ids.flatMap((id) => {
    const [b, m, t] = [of(base, id), of(mine, id), of(theirs, id)];
    const kept = same(m, b) ? t : m;
    return kept ? [kept] : [];
  });
}

/** Hems one by one; their readings by their ids, so that two people reading different places lose none. */
function mergeHems(base: Hem[], mine: Hem[], theirs: Hem[]): Hem[] {
  const of = (hems: Hem[], name: string) => hems.find((hem) => hem.hem === name);
  const bare = (hem: Hem | undefined) => hem && { ...hem, readings: [] };
  const names = [...new Set([...theirs, ...mine].map((hem) => hem.hem))];
  return names.flatMap((name) => {
    const [b, m, t] = [of(base, name), of(mine, name), of(theirs, name)];
    const kept = same(bare(m), bare(b)) ? (t ?? (same(m, b) ? undefined : m)) : m;
    if (!kept) return [];
    return [{ ...kept, readings: mergeById(b?.readings ?? [], m?.readings ?? [], t?.readings ?? []) }];
  });
}

/** What is done of the work order. */
export const progressOf = (fitting: Fitting): Of<"Progress"> => ({
  done: fitting.progress?.done ?? {},
  confirmed: fitting.progress?.confirmed ?? [],
});

/** Where two versions of the readings differ, for showing. */
export function differences<Row extends { id: string }>(
  mine: Row[],
  theirs: Row[],
): { id: string; mine: Row | undefined; theirs: Row | undefined }[] {
  const ids = [...new Set([...theirs, ...mine].map((row) => row.id))];
  return ids
    .map((id) => ({
      id,
      mine: mine.find((row) => row.id === id),
      theirs: theirs.find((row) => row.id === id),
    }))
    .filter((pair) => !same(pair.mine, pair.theirs));
}
