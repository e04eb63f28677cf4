import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { type Problem, Refused } from "../api/client";
import { keep as keepHere, kept } from "../api/kept";
import { whoQuery } from "../api/queries";
import { pause } from "../api/sending";

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
  const [waiting, setWaiting] = useState<Typed[]>(() => kept<Typed[]>("waiting", id) ?? []);
  const queue = useRef(waiting);
  const busy = useRef(false);
  const calls = useRef({ send, onRead, onRefused });
  calls.current = { send, onRead, onRefused };

  const keep = useCallback(
    (next: Typed[]) => {
      queue.current = next;
      keepHere("waiting", id, next);
      setWaiting(next);
    },
    [id],
  );

  const failures = useRef(0);
  const timer = useRef<number | undefined>(undefined);
  const work = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    window.clearTimeout(timer.current);
    for (let first = queue.current[0]; first; first = queue.current[0]) {
      try {
        const read = await calls.current.send(first);
        failures.current = 0;
        keep(queue.current.slice(1));
        calls.current.onRead(read, first);
      } catch (error) {
        // What is not the workroom's word on this reading says nothing about it: it waits.
        if (!(error instanceof Refused) || error.fate !== "refused" || !error.problem) {
          failures.current += 1;
          const wait = pause(failures.current, error instanceof Refused ? error.retryAfter : null);
          timer.current = window.setTimeout(() => void work(), wait);
          break;
        }
        failures.current = 0;
        keep(queue.current.slice(1));
        calls.current.onRefused(first, error.problem);
      }
    }
    busy.current = false;
  }, [keep]);

  const who = useQuery(whoQuery).data;
  const inside = who?.email ?? who?.guest?.name;
  // At once when the place opens, and when somebody has come in again.
  useEffect(() => {
    if (inside) void work();
  }, [inside, work]);
  useEffect(() => () => window.clearTimeout(timer.current), []);

  const enter = useCallback(
    (typed: Typed) => {
      keep([...queue.current, typed]);
      void work();
    },
    [keep, work],
  );
  return { waiting, enter };
}
