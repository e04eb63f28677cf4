import { createContext, useContext, useEffect } from "react";
import { usePost, useStanding } from "../waiting/usePost";

/** What the shelf says about saving. */
export type SavedWords = { words: string; bad: boolean } | null;

export const SavedContext = createContext<(words: SavedWords) => void>(() => undefined);

/** What the shelf says: how the place saves, but never that all is saved while anything waits anywhere. */
export function useShelfWords(place: SavedWords): SavedWords {
  const { waiting, failures, keeps } = useStanding(usePost());
  const refused = waiting.some((each) => each.refused);
  const sending = waiting.some((each) => !each.refused);
  if (sending && (failures > 0 || !place || place.words === "Saved")) {
    const words = failures === 0 ? "Saving" : keeps ? KEPT_HERE : NOT_YET;
    return { words, bad: failures > 0 };
  }
  if (refused && (!place || place.words === "Saved")) return { words: "Something was not taken", bad: true };
  if (!keeps && !place?.bad) return { words: "This browser keeps nothing", bad: true };
  return place;
}

/** What is said of something that waits in this browser. */
export const KEPT_HERE = "Kept here, not saved yet";
/** What is said of something that waits in an open page alone. */
export const NOT_YET = "Not saved yet";

/** Says on the shelf how saving stands while the caller is on screen. */
export function useSaved(words: string | null, bad = false) {
  const say = useContext(SavedContext);
  useEffect(() => {
    say(words ? { words, bad } : null);
    return () => say(null);
  }, [say, words, bad]);
}
