import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import { v7 as uuid } from "uuid";
import type { Posted, Typed, Waiting } from "./records";

/** Where waiting things lie: each a record of its own, so that two windows never overwrite each other. */
export type Cupboard = {
  /** False where this browser keeps nothing: private windows, a full disk, storage that is switched off. */
  keeps: boolean;
  all: () => Promise<Waiting[]>;
  put: (waiting: Waiting) => Promise<void>;
  drop: (ids: string[]) => Promise<void>;
};

interface Shelves extends DBSchema {
  waiting: { key: string; value: Waiting };
}

/** Longest wait for it, in milliseconds: one that does not open is none, until it does. */
const OPENS_WITHIN = 2_000;
class TooLong extends Error {}
const tooLong = () =>
  new Promise<never>((_, fail) => {
    setTimeout(() => fail(new TooLong("the cupboard does not open")), OPENS_WITHIN);
  });

/**
 * This browser's own. It keeps what it can: what goes wrong is told by `keeps`, never thrown. `onChanged` hears when that
 * changes, and `onLate` when it opened after all: what lies in it was not seen yet.
 */
export function browserCupboard(onChanged: () => void, onLate: () => void = onChanged): Cupboard {
  let opened: Promise<IDBPDatabase<Shelves>> | null = null;
  let broken = false;
  const fails = () => {
    opened = null;
    broken = true;
  };
  const open = () =>
    (opened ??= openDB<Shelves>("vemble", 1, {
      upgrade: (shelves) => void shelves.createObjectStore("waiting", { keyPath: "id" }),
      // Another build wants it newer: this one lets go, and opens it again when it has to.
      blocking: (_, __, event) => {
        (event.target as IDBDatabase | null)?.close();
        opened = null;
      },
      terminated: () => {
        opened = null;
      },
    }));
  const cupboard: Cupboard = {
    keeps: true,
    all: () => tried(async () => (await open()).getAll("waiting"), []),
    put: (waiting) =>
      tried(async () => {
        await (await open()).put("waiting", waiting);
        // Only what was really kept shows that it keeps: a full one still opens and still empties.
        cupboard.keeps = true;
        broken = false;
      }, undefined),
    drop: (ids) =>
      tried(async () => {
        const work = (await open()).transaction("waiting", "readwrite");
        await Promise.all([...ids.map((id) => work.store.delete(id)), work.done]);
      }, undefined),
  };
  async function tried<Done>(work: () => Promise<Done>, otherwise: Done): Promise<Done> {
    const kept = cupboard.keeps;
    const working = work();
    try {
      return await Promise.race([working, tooLong()]);
    } catch (error) {
      cupboard.keeps = false;
      if (error instanceof TooLong) working.then(late, fails);
      else fails();
      return otherwise;
    } finally {
      if (kept !== cupboard.keeps) onChanged();
    }
  }
  /** A machine with much else to do opened it late: it keeps all the same, unless it did not take something meanwhile. */
  function late() {
    if (cupboard.keeps || broken) return;
    cupboard.keeps = true;
    onLate();
  }
  return cupboard;
}

/**
 * What earlier builds kept beside each other under an owner's name, as records; those places are empty afterwards.
 * Reading and emptying both may fail where storage is switched off: then there was nothing.
 */
export function keptByEarlierBuilds(name: string, owner: string): Waiting[] {
  const found: Waiting[] = [];
  try {
    for (const key of Object.keys(localStorage).sort()) {
      const [, change] = key.split(`vemble.change.${name}.`);
      const [, waiting] = key.split(`vemble.waiting.${name}.`);
      const kept: unknown = change || waiting ? JSON.parse(localStorage.getItem(key) ?? "null") : null;
      if (!kept) continue;
      if (change) {
        const posted = kept as Posted;
        const fitting = change.slice(0, change.indexOf("."));
        found.push({ id: posted.id, owner, fitting, what: { change: posted } });
      } else if (waiting) {
        const [fitting = waiting, hem] = waiting.split(".");
        for (const each of kept as never[]) {
          const typed: Typed = hem === "hem" ? { hem: each } : { pin: each };
          found.push({ id: uuid(), owner, fitting, what: { typed } });
        }
      }
      localStorage.removeItem(key);
    }
  } catch {
    return found;
  }
  return found;
}
