import type { Of } from "../api/client";
import type { Draft } from "./useDraft";

/** What every place of a fitting works with. */
export type AtWork = { id: string; draft: Draft; job: Of<"Job">; solution: Of<"Solution">; stale: boolean };
