import type { Of, Problem } from "../api/client";

/** A change on its way to the workroom. */
export type Posted = Of<"PostedChange">;

/** What was typed and is still to be read, with whatever reading it needs. */
export type Typed = { pin: Of<"TypedPin"> } | { hem: Of<"TypedHemReading"> };

/** Something of one fitting that the workroom has not spoken of yet: a change, or what will become one. */
export type Waiting = {
  /** Of rising age, and the id of the change: sent again, it is made once. */
  id: string;
  /** Whose it is, for ever: nobody else's session sends it. */
  owner: string;
  fitting: string;
  what: { change: Posted } | { typed: Typed };
  /** Why the workroom would not have it, until its owner has seen that. */
  refused?: Problem;
};

/** Oldest first. */
export const inOrder = (all: Waiting[]) => [...all].sort((a, b) => (a.id < b.id ? -1 : 1));

/** Most changes sent at once, and the most characters of them: the workroom takes no larger request. */
const AT_ONCE = 40;
const LARGEST = 400_000;

/** What is still to be read, oldest first. */
export const toRead = (all: Waiting[]): Waiting | undefined =>
  all.find((each) => "typed" in each.what && !each.refused);

/**
 * The changes to be sent next: the oldest with those after it of its fitting. None overtakes what was typed before it
 * and is still to be read.
 */
export function batch(all: Waiting[]): Waiting[] {
  const waiting = all.filter((each) => !each.refused);
  const held = new Set<string>();
  const first = waiting.find(({ fitting, what }) => {
    if ("typed" in what) held.add(fitting);
    return !held.has(fitting);
  });
  if (!first) return [];
  const own = waiting.filter((each) => each.fitting === first.fitting);
  const typed = own.findIndex((each) => "typed" in each.what);
  let size = 0;
  const changes = own.slice(0, typed < 0 ? AT_ONCE : Math.min(typed, AT_ONCE));
  const over = changes.findIndex((each) => (size += JSON.stringify(each.what).length) > LARGEST);
  // One that is larger by itself is sent by itself: whether it is too large is the workroom's word.
  return over < 0 ? changes : changes.slice(0, Math.max(1, over));
}

/** How much waits, in words; nothing where nothing does. */
export function inWords(all: Waiting[]): string | null {
  const fittings = new Set(all.filter((each) => "change" in each.what).map((each) => each.fitting)).size;
  const readings = all.filter((each) => "typed" in each.what).length;
  const parts = [
    fittings > 0 ? `changes to ${fittings === 1 ? "one fitting" : `${fittings} fittings`}` : null,
    readings > 0 ? (readings === 1 ? "one reading" : `${readings} readings`) : null,
  ].filter((part) => part !== null);
  return parts.length > 0 ? parts.join(" and ") : null;
}
