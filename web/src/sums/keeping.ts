import { createContext, useContext, useEffect } from "react";
import type { Of } from "../api/client";

export type Sum = Of<"Sum">;

/** Keeps a sum with what is in hand. */
export type Keep = (sum: Sum, note: string) => void;

export type SumsOpen = {
  /** Opens the sums, on one with its numbers where it was asked for beside the work. */
  open: (sum?: Sum) => void;
  /** What keeps a sum; none where nothing is in hand. */
  setKeep: (keep: Keep | null) => void;
};

export const SumsContext = createContext<SumsOpen>({ open: () => undefined, setKeep: () => undefined });

export const useSums = () => useContext(SumsContext);

/** Lets sums be kept with the fitting in hand while the caller is on screen. */
export function useKeeping(keep: Keep) {
  const { setKeep } = useSums();
  useEffect(() => {
    setKeep(keep);
    return () => setKeep(null);
  }, [setKeep, keep]);
}
