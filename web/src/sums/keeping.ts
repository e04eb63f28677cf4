import { createContext, useContext, useEffect } from "react";
import type { Of } from "../api/client";

export type Sum = Of<"Sum">;
export type KnownSum = Of<"KnownSum">;
export type SumPlace = Of<"SumPlace">;

/** A sum that is worked out, and what of the garment it is about. */
export type Worked = { sum: Sum; answer: Of<"SumAnswer">; place: SumPlace | null };

/** Where an answer goes, for a button, and what puts it there. */
export type PutBack = { words: string; done: string; put: (note: string) => void; noted: boolean };

/** What is in hand while sums are asked: what it already says of them, and where their answers go. */
export type InHand = {
  id: string;
  name: string;
  known: KnownSum[];
  putBack: (worked: Worked) => PutBack | null;
};

export type SumsOpen = {
  /** Opens the sums, on one with its numbers where it was asked for beside the work. */
  open: (known?: KnownSum) => void;
  /** What is in hand; none away from garments. */
  setInHand: (inHand: InHand | null) => void;
};

export const SumsContext = createContext<SumsOpen>({ open: () => undefined, setInHand: () => undefined });

export const useSums = () => useContext(SumsContext);

/** Lets sums begin with what is in hand, and end there, while the caller is on screen. */
export function useInHandForSums(inHand: InHand | null) {
  const { setInHand } = useSums();
  useEffect(() => {
    setInHand(inHand);
    return () => setInHand(null);
  }, [setInHand, inHand]);
}

/** What a place is called after "at": nothing where it is the whole fitting. */
export function placeWords(place: SumPlace | null): string | null {
  switch (place?.on) {
    case "buttons":
      return "the row of buttons";
    case "lacing":
      return "the lacing";
    case "waist":
      return "the waist";
    case "armholes":
      return "the armholes";
    case "hem":
      return place.hem === "sleeve" ? "the sleeve hem" : "the hem";
    default:
      return null;
  }
}
