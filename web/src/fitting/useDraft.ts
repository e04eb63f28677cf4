import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useReducer, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { answered, client, type Of, type Problem, Refused } from "../api/client";
import { fittingQuery, whoQuery } from "../api/queries";
import { pause } from "../api/sending";
import { between, type Fitting, type FittingRecord } from "./changes";
import { dropChange, keepChange, keptChanges } from "./keeping";
import { type Base, empty, type Happening, next, type Outbox, seen, toSend } from "./outbox";
import { useFollowing } from "./useFollowing";

/** How saving stands. */
export type Saving = { state: "saved" | "saving" | "silent" } | { state: "refused"; refusal: Problem };

/** The last few changes that other hands made, or that replaced another's. */
const HEARD = 3;

/**
 * The fitting being worked on. Every change is kept in this browser at once and sent at once; when the workroom
 * does not answer it is sent again until it does. What other screens change arrives as they change it.
 */
export function useDraft(id: string) {
  const queries = useQueryClient();
  const read = useQuery(fittingQuery(id));
  const latest = useRef<Outbox | null>(null);
  latest.current ??= { ...empty, waiting: keptChanges(id) };
  const [, show] = useReducer((count: number) => count + 1, 0);
  const [heard, setHeard] = useState<Of<"JournalEntry">[]>([]);
  const timer = useRef<number | undefined>(undefined);
  const outbox = latest.current;

  const happen = useCallback((happening: Happening) => {
    latest.current = next(latest.current ?? empty, happening);
    show();
  }, []);

  const send = useCallback(async () => {
    const changes = toSend(latest.current ?? empty);
    if (changes.length === 0) return;
    window.clearTimeout(timer.current);
    happen({ on: "sent", ids: changes.map((change) => change.id) });
    try {
      const { data } = await answered(
        client.POST("/api/v1/fittings/{id}/changes", { params: { path: { id } }, body: { changes } }),
      );
      for (const answer of data.answers) dropChange(id, answer.id);
      const { version, line, record } = data;
      happen({ on: "answered", answers: data.answers, base: { version, line, record } });
      queries.setQueryData(fittingQuery(id).queryKey, { data: record, version, line });
      void queries.invalidateQueries({ queryKey: ["rail"] });
      void queries.invalidateQueries({ queryKey: ["garment", record.garment] });
      void send();
    } catch (error) {
      const refusal = error instanceof Refused ? error : new Refused(null, 0);
      if (refusal.fate === "refused" && refusal.problem) {
        for (const change of changes) dropChange(id, change.id);
        happen({ on: "refused", problem: refusal.problem });
        void send();
      } else {
        happen({ on: "unanswered" });
        const failures = latest.current?.failures ?? 1;
        timer.current = window.setTimeout(() => void send(), pause(failures, refusal.retryAfter));
      }
    }
  }, [happen, id, queries]);

  useEffect(() => {
    if (!read.data) return;
    const base: Base = { version: read.data.version, line: read.data.line, record: read.data.data };
    happen({ on: "arrived", base });
    void send();
  }, [happen, read.data, send]);

  const who = useQuery(whoQuery).data;
  const inside = who?.email ?? who?.guest?.name;
  // Somebody has signed in again: what was kept over the ended session goes in.
  useEffect(() => {
    if (inside) void send();
  }, [inside, send]);
  useEffect(() => () => window.clearTimeout(timer.current), []);

  useFollowing(id, outbox.base?.line ?? null, (entry) => {
    if (entry.id > (latest.current?.base?.line ?? 0)) {
      void queries.invalidateQueries({ queryKey: fittingQuery(id).queryKey });
    }
    void queries.invalidateQueries({ queryKey: ["rail"] });
    void queries.invalidateQueries({ queryKey: ["garment"] });
    const elsewhere = !entry.by.here || (entry.replaced !== null && !entry.replaced?.here);
    if (elsewhere) setHeard((now) => [...now, entry].slice(-HEARD));
  });

  const change = useCallback(
    (how: (fitting: Fitting) => Fitting, adopts?: Of<"Adopted">) => {
      const record: FittingRecord | null = seen(latest.current ?? empty);
      if (!record) return;
      const parts = between(record.fitting, how(record.fitting));
      if (parts.length === 0) return;
      const posted = { id: uuid(), parts, adopts: adopts ?? null };
      keepChange(id, posted);
      happen({ on: "changed", change: posted });
      void send();
    },
    [happen, id, send],
  );
  // An undo is a change like any other: what stands then arrives as it always does.
  const undone = useCallback(() => void queries.invalidateQueries(), [queries]);
  const unheard = useCallback(
    (line: number) => setHeard((now) => now.filter((entry) => entry.id !== line)),
    [],
  );
  const saving: Saving =
    outbox.refused !== null
      ? { state: "refused", refusal: outbox.refused }
      : outbox.failures > 0
        ? { state: "silent" }
        : { state: outbox.waiting.length > 0 ? "saving" : "saved" };
  return { draft: seen(outbox), saving, change, undone, heard, unheard, missing: read.error };
}

export type Draft = ReturnType<typeof useDraft>;
