import { useEffect, useEffectEvent, useRef } from "react";
import { fromThisPage, type Of, SIGNED_OUT } from "../api/client";
import { pause } from "../api/sending";

/** Hears of every change of a fitting after a line, from whichever screen it comes. */
export function useFollowing(id: string, since: number | null, onHeard: (entry: Of<"JournalEntry">) => void) {
  const heard = useEffectEvent(onHeard);
  const last = useRef(0);
  const ready = since !== null;
  useEffect(() => {
    last.current = Math.max(last.current, since ?? 0);
  }, [since]);
  useEffect(() => {
    if (!ready) return undefined;
    let source: EventSource | null = null;
    let timer: number | undefined;
    let failures = 0;
    const open = () => {
      source = new EventSource(fromThisPage(`/api/v1/fittings/${id}/changes?since=${last.current}`));
      source.onopen = () => {
        failures = 0;
      };
      source.addEventListener("change", (event: MessageEvent<string>) => {
        const entry = JSON.parse(event.data) as Of<"JournalEntry">;
        last.current = Math.max(last.current, entry.id);
        heard(entry);
      });
      // A stream that ends is opened again by the browser; one that was refused is not.
      source.onerror = () => {
        if (source?.readyState !== EventSource.CLOSED) return;
        // It may be that this browser is not in any more: whoever watches the door asks.
        window.dispatchEvent(new Event(SIGNED_OUT));
        failures += 1;
        timer = window.setTimeout(open, pause(failures));
      };
    };
    open();
    return () => {
      window.clearTimeout(timer);
      source?.close();
    };
  }, [id, ready]);
}
