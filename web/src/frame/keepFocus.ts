import { useEffect } from "react";

/** Can hold the focus now. */
const holds = (element: HTMLElement) => element.isConnected && !element.matches(":disabled");

/**
 * Keeps the focus near where it was when an act takes its own button away, or can be done no more: on what lay round
 * it, so that the next Tab goes on from there. Nobody who works by keys begins at the top of the page again.
 */
export function useKeptFocus() {
  useEffect(() => {
    // What had the focus last, and what lay round it, from the inside out.
    let round: HTMLElement[] = [];
    const onFocus = (event: FocusEvent) => {
      round = [];
      for (let at = event.target as HTMLElement | null; at && at !== document.body; at = at.parentElement) {
        round.push(at);
      }
    };
    const look = () => {
      const [last] = round;
      if (!last || document.activeElement !== document.body || holds(last)) return;
      const to = round.slice(1).find(holds) ?? document.querySelector("main");
      round = [];
      if (!to) return;
      if (!to.hasAttribute("tabindex")) to.tabIndex = -1;
      to.focus({ preventScroll: true });
    };
    // A blur by hand, to nothing on purpose, is no loss.
    const onPress = () => {
      round = [];
    };
    const changes = new MutationObserver(look);
    changes.observe(document.body, {
      subtree: true,
      childList: true,
      attributes: true,
      attributeFilter: ["disabled"],
    });
    document.addEventListener("focusin", onFocus);
    document.addEventListener("pointerdown", onPress);
    return () => {
      changes.disconnect();
      document.removeEventListener("focusin", onFocus);
      document.removeEventListener("pointerdown", onPress);
    };
  }, []);
}
