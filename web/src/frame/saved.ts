import { createContext, useContext, useEffect } from "react";

/** What the shelf says about saving. */
export type SavedWords = { words: string; bad: boolean } | null;

export const SavedContext = createContext<(words: SavedWords) => void>(() => undefined);

/** Says on the shelf how saving stands while the caller is on screen. */
export function useSaved(words: string | null, bad = false) {
  const say = useContext(SavedContext);
  useEffect(() => {
    say(words ? { words, bad } : null);
    return () => say(null);
  }, [say, words, bad]);
}
