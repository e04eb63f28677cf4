import { useCallback, useEffect, useState } from "react";

/** A timer for one step. It starts over with the step and gives minutes when it was running. */
export function useTimer(key: string) {
  const [since, setSince] = useState<number | null>(null);
  const [before, setBefore] = useState(0);
  const [, beat] = useState(0);
  useEffect(() => {
    setSince(null);
    setBefore(0);
  }, [key]);
  useEffect(() => {
    if (since === null) return;
    const ticking = window.setInterval(() => beat((n) => n + 1), 1000);
    return () => window.clearInterval(ticking);
  }, [since]);
  const seconds = before + (since === null ? 0 : (Date.now() - since) / 1000);
  const toggle = useCallback(() => {
    setBefore((past) => past + (since === null ? 0 : (Date.now() - since) / 1000));
    setSince(since === null ? Date.now() : null);
  }, [since]);
  const stop = useCallback(() => (seconds > 0 ? Math.round(seconds / 6) / 10 : null), [seconds]);
  return { seconds, running: since !== null, toggle, stop };
}

/** Seconds as minutes and seconds. */
export function clock(seconds: number): string {
  const whole = Math.floor(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}
