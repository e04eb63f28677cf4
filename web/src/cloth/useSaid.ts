import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import type { Of } from "../api/client";
import { wordsQuery } from "../api/queries";

/** What levels and verdicts are called, as the core calls them; nothing until it has said so. */
export function useSaid() {
  const words = useQuery(wordsQuery).data;
  return useMemo(
    () => ({
      level: (level: Of<"LevelName">) => words?.levels.find((each) => each.name === level)?.words ?? "",
      verdict: (verdict: Of<"Verdict">) => words?.verdicts.find((each) => each.name === verdict)?.words ?? "",
      /** Every verdict, tightest first, with what it means. */
      verdicts: words?.verdicts ?? [],
    }),
    [words],
  );
}
