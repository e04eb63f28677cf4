import type { Waiting } from "../waiting/records";
import { apply, type FittingRecord } from "./changes";

/** A fitting as the workroom has it, with its version and the last line of its journal. */
export type Base = { version: number; line: number; record: FittingRecord };

/** Answers may overtake each other: what was told last by the journal stands. */
export const newer = (known: Base | null, { version, line, record }: Base): Base =>
  known && (known.line > line || (known.line === line && known.version > version))
    ? known
    : { version, line, record };

/** The fitting as the person sees it: how the workroom has it, with the changes it has not spoken of yet. */
export function seen(base: Base | null, waiting: readonly Waiting[]): FittingRecord | null {
  if (!base) return null;
  const parts = waiting.flatMap(({ what, refused }) =>
    "change" in what && !refused ? (what.change.parts ?? []) : [],
  );
  return { ...base.record, fitting: apply(base.record.fitting, parts) };
}
