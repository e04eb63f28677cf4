import type { Of, Problem } from "../api/client";
import { apply, type FittingRecord } from "./changes";

/** A change on its way to the workroom. */
export type Posted = Of<"PostedChange">;
/** A fitting as the workroom has it, with its version and the last line of its journal. */
export type Base = { version: number; line: number; record: FittingRecord };

/**
 * What this browser holds of one fitting: how the workroom has it, and the changes the workroom has not spoken of
 * yet, oldest first. The person sees both together.
 */
export type Outbox = {
  base: Base | null;
  waiting: Posted[];
  /** The ids of the changes under way, where any are. */
  under: string[];
  /** How often in a row nothing came back. */
  failures: number;
  /** What the workroom said of the last change it would not have. */
  refused: Problem | null;
};

/** What happens to it. */
export type Happening =
  /** The person changed something. */
  | { on: "changed"; change: Posted }
  /** The workroom told how the fitting stands. */
  | { on: "arrived"; base: Base }
  /** What waits is sent. */
  | { on: "sent"; ids: string[] }
  /** The workroom answered what was sent, each for itself. */
  | { on: "answered"; answers: Of<"ChangeAnswer">[]; base: Base }
  /** The workroom would have none of what was sent. */
  | { on: "refused"; problem: Problem }
  /** It said nothing of it: silence, haste, a fault, or an ended session. */
  | { on: "unanswered" };

export const empty: Outbox = { base: null, waiting: [], under: [], failures: 0, refused: null };

/** Most changes sent at once, and the most characters of them: the workroom takes no larger request. */
export const AT_ONCE = 40;
const LARGEST = 400_000;

/** What becomes of an outbox. Nothing leaves it but by the workroom's own word on it. */
export function next(outbox: Outbox, happening: Happening): Outbox {
  switch (happening.on) {
    case "changed":
      return { ...outbox, waiting: [...outbox.waiting, happening.change], refused: null };
    case "arrived":
      return { ...outbox, base: newer(outbox.base, happening.base) };
    case "sent":
      return { ...outbox, under: happening.ids };
    case "answered": {
      const answered = new Set(happening.answers.map((answer) => answer.id));
      const refused = happening.answers.find((answer) => answer.refused)?.refused ?? outbox.refused;
      return {
        base: newer(outbox.base, happening.base),
        waiting: outbox.waiting.filter((change) => !answered.has(change.id)),
        under: [],
        failures: 0,
        refused,
      };
    }
    case "refused": {
      const refused = new Set(outbox.under);
      return {
        ...outbox,
        waiting: outbox.waiting.filter((change) => !refused.has(change.id)),
        under: [],
        failures: 0,
        refused: happening.problem,
      };
    }
    case "unanswered":
      return { ...outbox, under: [], failures: outbox.failures + 1 };
  }
}

/** Answers may overtake each other: what was told last by the journal stands. */
const newer = (known: Base | null, told: Base): Base =>
  known && (known.line > told.line || (known.line === told.line && known.version > told.version))
    ? known
    : told;

/** The changes to be sent now; none while some are under way, or before it is known how the fitting stands. */
export function toSend(outbox: Outbox): Posted[] {
  if (!outbox.base || outbox.under.length > 0) return [];
  let size = 0;
  const first = outbox.waiting.slice(0, AT_ONCE);
  const over = first.findIndex((change) => (size += JSON.stringify(change).length) > LARGEST);
  // One that is larger by itself is sent by itself: whether it is too large is the workroom's word.
  return over < 0 ? first : first.slice(0, Math.max(1, over));
}

/** The fitting as the person sees it. */
export const seen = ({ base, waiting }: Outbox): FittingRecord | null =>
  base && {
    ...base.record,
    fitting: waiting.reduce((fitting, change) => apply(fitting, change.parts ?? []), base.record.fitting),
  };
