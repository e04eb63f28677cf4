import { useCallback, useEffect, useRef, useState } from "react";
import { answered, client, type Of, type Problem, Refused } from "../api/client";

export type TypedPin = Of<"TypedPin">;
type Read = Of<"ReadPin">;

const place = (id: string) => `vemble.waiting.${id}`;
const kept = (id: string): TypedPin[] => {
  try {
    return JSON.parse(localStorage.getItem(place(id)) ?? "[]") as TypedPin[];
  } catch {
    return [];
  }
};

/**
 * Readings on their way to the workroom, oldest first. A reading waits here, also across a closed
 * browser, until the workroom has read it; one it refuses comes back with the reason.
 */
export function useWaiting(
  id: string,
  onRead: (read: Read) => void,
  onRefused: (typed: TypedPin, problem: Problem) => void,
) {
  const [waiting, setWaiting] = useState<TypedPin[]>(() => kept(id));
  const queue = useRef(waiting);
  const busy = useRef(false);
  const calls = useRef({ onRead, onRefused });
  calls.current = { onRead, onRefused };

  const keep = useCallback(
    (next: TypedPin[]) => {
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
        const { data } = await answered(client.POST("/api/v1/compute/pin", { body: first }));
        keep(queue.current.slice(1));
        calls.current.onRead(data);
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
    (typed: TypedPin) => {
      keep([...queue.current, typed]);
      void work();
    },
    [keep, work],
  );
  return { waiting, enter };
}
