import { useEffect, useState } from "react";

/** So long after it last touched anything a hand in a field has stopped typing, in milliseconds. */
const STILL = 2_000;

let touched = Number.NEGATIVE_INFINITY;
for (const touch of ["keydown", "pointerdown", "focusin"]) {
  window.addEventListener(touch, () => (touched = performance.now()), true);
}

const isInAField = () =>
  document.activeElement instanceof HTMLInputElement || document.activeElement instanceof HTMLTextAreaElement;

/**
 * True once something is wanted and no hand is in the middle of typing: what takes the focus away would have the
 * rest of a number for itself.
 */
export function useOnceStill(wanted: boolean): boolean {
  const [still, setStill] = useState(false);
  if (still && !wanted) setStill(false);
  useEffect(() => {
    if (!wanted) return undefined;
    let waits: ReturnType<typeof setTimeout> | undefined;
    const look = () => {
      const left = isInAField() ? touched + STILL - performance.now() : 0;
      if (left > 0) waits = setTimeout(look, left);
      else setStill(true);
    };
    look();
    return () => clearTimeout(waits);
  }, [wanted]);
  return wanted && still;
}
