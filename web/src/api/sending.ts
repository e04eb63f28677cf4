/** What an answer means for a change that was sent. */
export type Fate =
  /** It may still go in: it is kept and sent again. */
  | "kept"
  /** The session has ended: it is kept, and goes in after the next sign-in. */
  | "signed_out"
  /** The workroom read it and will not have it; its words are on the field. */
  | "refused";

/** Statuses that say something about the moment and nothing about the change. Nothing at all is silence. */
const PASSING = [0, 408, 425, 429];

/** Reads a status. Only what the workroom says of the change itself refuses it. */
export function fate(status: number): Fate {
  if (status === 401) return "signed_out";
  return PASSING.includes(status) || status >= 500 ? "kept" : "refused";
}

/** The first pause before a change is sent again, and the longest, in milliseconds. */
const FIRST = 1500;
const LONGEST = 30_000;

/** How long to wait after so many failures in a row: twice as long each time, and never less than was asked for. */
export function pause(failures: number, retryAfter: number | null = null): number {
  const doubled = Math.min(LONGEST, FIRST * 2 ** Math.max(0, failures - 1));
  return Math.max(doubled, (retryAfter ?? 0) * 1000);
}

/** The seconds a `Retry-After` names, as a number or as a date; `null` where it says nothing. */
export function retryAfter(header: string | null, now: number = Date.now()): number | null {
  if (!header) return null;
  const seconds = Number(header);
  if (Number.isFinite(seconds)) return Math.max(0, seconds);
  const at = Date.parse(header);
  return Number.isNaN(at) ? null : Math.max(0, Math.ceil((at - now) / 1000));
}
