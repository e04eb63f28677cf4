import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import type { Of, Problem } from "../api/client";
import { askAgain } from "../api/askAgain";
import { fittingQuery } from "../api/queries";
import { usePost, useStanding } from "../waiting/usePost";
import { type Base, newer, seen } from "./base";
import { between, type Fitting } from "./changes";
import { useFollowing } from "./useFollowing";

/** How saving stands. */
export type Saving = { state: "saved" | "saving" | "silent" } | { state: "refused"; refusal: Problem };

/** The last few changes that other hands made, or that replaced another's. */
const HEARD = 3;

/**
 * The fitting being worked on: as the workroom has it, with what waits on top. What other screens change arrives as
 * they change it.
 */
export function useDraft(id: string) {
  const queries = useQueryClient();
  const post = usePost();
  const standing = useStanding(post);
  const read = useQuery(fittingQuery(id));
  // What the next change is made on, also before what arrived is on the screen.
  const latest = useRef<Base | null>(null);
  const [base, setBase] = useState<Base | null>(null);
  const [heard, setHeard] = useState<Of<"JournalEntry">[]>([]);

  const arrived = useCallback((told: Base) => {
    latest.current = newer(latest.current, told);
    setBase(latest.current);
  }, []);
  useEffect(() => {
    if (read.data) arrived({ version: read.data.version, line: read.data.line, record: read.data.data });
  }, [arrived, read.data]);
  useEffect(
    () =>
      post.hear((news) => {
        if (news.is === "answered" && news.fitting === id) arrived(news.answered);
      }),
    [arrived, id, post],
  );

  const own = useMemo(
    () => standing.waiting.filter((each) => each.fitting === id && "change" in each.what),
    [standing, id],
  );
  const draft = seen(base, own);

  useFollowing(id, base?.line ?? null, (entry) => {
    if (entry.id > (latest.current?.line ?? 0)) {
      void queries.invalidateQueries({ queryKey: fittingQuery(id).queryKey });
    }
    void queries.invalidateQueries({ queryKey: ["rail"] });
    void queries.invalidateQueries({ queryKey: ["garment"] });
    const elsewhere = !entry.by.here || (entry.replaced !== null && !entry.replaced?.here);
    if (elsewhere) setHeard((now) => [...now, entry].slice(-HEARD));
  });

  const change = useCallback(
    (how: (fitting: Fitting) => Fitting, adopts?: Of<"Adopted">) => {
      const waiting = post.snapshot().waiting.filter((each) => each.fitting === id);
      const record = seen(latest.current, waiting);
      if (!record) return;
      const parts = between(record.fitting, how(record.fitting));
      if (parts.length === 0) return;
      // Whoever goes on has read why the last one was not taken.
      post.seen(waiting.filter((each) => each.refused && "change" in each.what).map((each) => each.id));
      post.enter(id, { change: { id: uuid(), parts, adopts: adopts ?? null } });
    },
    [id, post],
  );
  // An undo is a change like any other: what stands then arrives as it always does.
  const undone = useCallback(() => askAgain(queries, "garments"), [queries]);
  const unheard = useCallback(
    (line: number) => setHeard((now) => now.filter((entry) => entry.id !== line)),
    [],
  );
  const refusal = own.findLast((each) => each.refused)?.refused;
  const saving: Saving = refusal
    ? { state: "refused", refusal }
    : standing.failures > 0
      ? { state: "silent" }
      : { state: own.length > 0 ? "saving" : "saved" };
  return { draft, saving, change, undone, heard, unheard, missing: read.error };
}

export type Draft = ReturnType<typeof useDraft>;
