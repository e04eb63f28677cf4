import { useCallback, useEffect, useRef, useState } from "react";
import { type Problem, Refused } from "../api/client";

const place = (id: string) => `vemble.waiting.${id}`;
function kept<Typed>(id: string): Typed[] {
  try {
    return JSON.parse(localStorage.getItem(place(id)) ?? "[]") as Typed[];
  } catch {
    return [];
  }
}

/**
 * Readings on their way to the workroom, oldest first. A reading waits here, also across a closed
 * browser, until the workroom has read it; one it refuses comes back with the reason.
 */
export function useWaiting<Typed, Read>(
  id: string,
  send: (typed: Typed) => Promise<Read>,
  onRead: (read: Read, typed: Typed) => void,
  onRefused: (typed: Typed, problem: Problem) => void,
) {
  const [waiting, setWaiting] = useState<Typed[]>(() => kept<Typed>(id));
  const queue = useRef(waiting);
  const busy = useRef(false);
  const calls = useRef({ send, onRead, onRefused });
  calls.current = { send, onRead, onRefused };

  const keep = useCallback(
    (next: Typed[]) => {
      queue.current = next;
      localStorage.setItem(place(id), JSON.stringify(next));
      setWaiting(next);
    },
    [id],
  );

  const work = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    for (let first = queue.current[0]; first; first = queue.current[0]) {
      try {
        const read = await calls.current.send(first);
        keep(queue.current.slice(1));
        calls.current.onRead(read, first);
      } catch (error) {
        if (!(error instanceof Refused) || error.isSilence || !error.problem) break;
        keep(queue.current.slice(1));
        calls.current.onRefused(first, error.problem);
      }
    }
    busy.current = false;
  }, [keep]);

  useEffect(() => {
    void work();
    const again = window.setInterval(() => void work(), 1500);
    return () => window.clearInterval(again);
  }, [work]);

  const enter = useCallback(
    (typed: Typed) => {
      keep([...queue.current, typed]);
      void work();
    },
    [keep, work],
  );
  return { waiting, enter };
}
