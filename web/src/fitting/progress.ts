import type { Of } from "../api/client";

type Fitting = Of<"Fitting">;
type Vouched = Of<"Vouched">;

/** What is done of a work order, nothing of it left out. */
export interface Progress {
  done: Record<string, number | null>;
  confirmed: string[];
  /** What each tick and each confirmation is about, by its key. */
  vouched: Record<string, Vouched[]>;
}

export const progressOf = ({ progress }: Fitting): Progress => ({
  done: progress?.done ?? {},
  confirmed: progress?.confirmed ?? [],
  vouched: progress?.vouched ?? {},
});

/** What was seen when a step was ticked: its mark, which the workroom looks up. */
export const seen = (mark: string): Vouched[] => [{ of: "seen", mark }];

const without = <Value>(all: Record<string, Value>, key: string): Record<string, Value> =>
  Object.fromEntries(Object.entries(all).filter(([each]) => each !== key));

const vouching = (progress: Progress, key: string, vouched: Vouched[]) =>
  vouched.length > 0 ? { ...progress.vouched, [key]: vouched } : without(progress.vouched, key);

const withProgress = (fitting: Fitting, change: (progress: Progress) => Progress): Fitting => ({
  ...fitting,
  progress: change(progressOf(fitting)),
});

/** A fitting with a step ticked. */
export const tick = (fitting: Fitting, step: string, minutes: number | null, vouched: Vouched[]) =>
  withProgress(fitting, (now) => ({
    ...now,
    done: { ...now.done, [step]: minutes },
    vouched: vouching(now, step, vouched),
  }));

/** A fitting with the tick of a step taken back. */
export const untick = (fitting: Fitting, step: string) =>
  withProgress(fitting, (now) => ({
    ...now,
    done: without(now.done, step),
    vouched: without(now.vouched, step),
  }));

/** A fitting with a condition confirmed. */
export const confirm = (fitting: Fitting, condition: string, vouched: Vouched[]) =>
  withProgress(fitting, (now) => ({
    ...now,
    confirmed: [...new Set([...now.confirmed, condition])].sort(),
    vouched: vouching(now, condition, vouched),
  }));

/** A fitting with a confirmation withdrawn. */
export const withdraw = (fitting: Fitting, condition: string) =>
  withProgress(fitting, (now) => ({
    ...now,
    confirmed: now.confirmed.filter((each) => each !== condition),
    vouched: without(now.vouched, condition),
  }));
