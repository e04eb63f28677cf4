import { useEffect, useState } from "react";

/** Does something on a key that no field takes for itself, wherever the cursor is. */
export function useKeyAnywhere(key: string, act: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== key) return;
      event.preventDefault();
      act();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [key, act]);
}

/** True while a key is held down, unless somebody is typing. */
export function useHeldKey(key: string): boolean {
  const [held, setHeld] = useState(false);
  useEffect(() => {
    const down = (event: KeyboardEvent) => {
      if (event.key === key && !isTyping(event)) setHeld(true);
    };
    const up = (event: KeyboardEvent) => {
      if (event.key === key) setHeld(false);
    };
    // A key let go in another window is not heard of here.
    const away = () => setHeld(false);
    window.addEventListener("keydown", down);
    window.addEventListener("keyup", up);
    window.addEventListener("blur", away);
    return () => {
      window.removeEventListener("keydown", down);
      window.removeEventListener("keyup", up);
      window.removeEventListener("blur", away);
    };
  }, [key]);
  return held;
}

/** Does something on a key, unless somebody is typing. */
export function useKey(key: string, act: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === key && !isTyping(event)) act();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [key, act]);
}

/** Opens help on `?`: nothing that is read begins with one, so an empty field gives it up. */
export function useHelpKey(open: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== "?") return;
      const field = event.target instanceof HTMLInputElement ? event.target : null;
      if (isTyping(event) && field?.value !== "") return;
      event.preventDefault();
      open();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [open]);
}

/** True while a key belongs to a field. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return !!target?.closest("input, textarea, select, [contenteditable]");
}
