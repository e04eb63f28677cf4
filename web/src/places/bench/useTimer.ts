import { useCallback, useEffect, useState } from "react";

/** A timer at rest or running: the seconds it ran before, and since when it runs. */
type Run = { before: number; since: number | null };
const AT_REST: Run = { before: 0, since: null };

const secondsAt = ({ before, since }: Run, now: number) =>
  before + (since === null ? 0 : Math.max(0, now - since) / 1000);

/** A timer for one step. It starts over with the step and gives minutes when it was running. */
export function useTimer(key: string) {
  const [run, setRun] = useState(AT_REST);
  const [now, setNow] = useState(0);
  const [of, setOf] = useState(key);
  if (of !== key) {
    setOf(key);
    setRun(AT_REST);
  }
  const { since } = run;
  useEffect(() => {
    if (since === null) return;
    const ticking = window.setInterval(() => setNow(Date.now()), 1000);
    return () => window.clearInterval(ticking);
  }, [since]);
  const toggle = useCallback(() => {
    const at = Date.now();
    setNow(at);
    setRun((was) => ({ before: secondsAt(was, at), since: was.since === null ? at : null }));
  }, []);
  const stop = useCallback(() => {
    const seconds = secondsAt(run, Date.now());
    return seconds > 0 ? Math.round(seconds / 6) / 10 : null;
  }, [run]);
  return { seconds: secondsAt(run, now), running: since !== null, toggle, stop };
}

/** Seconds as minutes and seconds. */
export function clock(seconds: number): string {
  const whole = Math.floor(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}
