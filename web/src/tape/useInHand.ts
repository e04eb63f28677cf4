import { useState } from "react";
import { flushSync } from "react-dom";
import { coarse } from "../entry/coarse";

/** Which of several measures is in hand, and how the hand goes on from it. */
export function useInHand(names: string[]) {
  const [inHand, setInHand] = useState<string | null>(null);
  const [table, setTable] = useState<HTMLDivElement | null>(null);
  const held = inHand ?? names[0] ?? null;
  const field = (name: string | null) =>
    table?.querySelector<HTMLInputElement>(`input[name="${name}"]`) ?? null;
  const go = (from: string | null, by: number) => {
    const next = names[names.indexOf(from ?? "") + by];
    if (next === undefined) return;
    // On a telephone only the one in hand stands there, and what does not stand there takes no cursor.
    flushSync(() => setInHand(next));
    field(next)?.focus();
  };
  // A telephone has one measure on its screen whether the cursor is in it or not.
  const lit = coarse ? held : inHand;
  return { onTable: setTable, inHand, held, lit, field, go, hold: setInHand };
}

export type InHand = Omit<ReturnType<typeof useInHand>, "onTable">;
