import { v7 as uuid } from "uuid";
import { keep, kept, keptRows } from "../api/kept";
import { between, type FittingRecord } from "./changes";
import type { Posted } from "./outbox";

/** Keeps a change in this browser until the workroom has spoken of it. */
export const keepChange = (fitting: string, change: Posted) =>
  keep("change", `${fitting}.${change.id}`, change);

/** Lets a change go that the workroom has spoken of. */
export const dropChange = (fitting: string, id: string) => keep("change", `${fitting}.${id}`, null);

/** A fitting as an earlier build kept it: how it was read, and what it was changed to. */
type Draft = { base: { record: FittingRecord }; draft: FittingRecord };

/** The changes this browser kept when it was last closed or cut off, oldest first. */
export function keptChanges(fitting: string): Posted[] {
  const draft = kept<Draft>("draft", fitting);
  if (draft) {
    const parts = between(draft.base.record.fitting, draft.draft.fitting);
    if (parts.length > 0) keepChange(fitting, { id: uuid(), parts });
    keep("draft", fitting, null);
  }
  return keptRows<Posted>("change", fitting);
}
