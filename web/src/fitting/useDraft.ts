import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { answered, client, ifMatch, Refused } from "../api/client";
import { fittingQuery, whoQuery } from "../api/queries";
import { pause } from "../api/sending";
import { type Base, type Fitting, type FittingRecord, keepDraft, keptDraft, merge, same } from "./draft";

/** How saving stands. */
export type Saving =
  | { state: "saved" | "saving" | "silent" }
  | { state: "refused"; refusal: Refused }
  | { state: "clash"; theirs: Base };

/**
 * The fitting being worked on. Every change is kept in this browser at once and sent at once; when
 * the workroom does not answer it is sent again until it does; when somebody else has changed the
 * fitting meanwhile, both versions are kept until one is chosen.
 */
export function useDraft(id: string) {
  const queries = useQueryClient();
  const read = useQuery(fittingQuery(id));
  const [draft, setDraft] = useState<FittingRecord | null>(null);
  const [saving, setSaving] = useState<Saving>({ state: "saved" });
  const base = useRef<Base | null>(null);
  const latest = useRef<FittingRecord | null>(null);
  const busy = useRef(false);
  const timer = useRef<number | undefined>(undefined);
  const failures = useRef(0);

  const settle = useCallback(
    (next: Base) => {
      base.current = next;
      queries.setQueryData(fittingQuery(id).queryKey, { data: next.record, version: next.version });
      if (same(latest.current, next.record)) keepDraft(id, null);
      void queries.invalidateQueries({ queryKey: ["rail"] });
      void queries.invalidateQueries({ queryKey: ["garment", next.record.garment] });
    },
    [id, queries],
  );

  const send = useCallback(async () => {
    if (busy.current || !base.current || !latest.current) return;
    if (same(latest.current, base.current.record)) {
      setSaving({ state: "saved" });
      return;
    }
    busy.current = true;
    const sent = latest.current;
    setSaving((now) => (now.state === "silent" ? now : { state: "saving" }));
    try {
      const { version } = await answered(
        client.PUT("/api/v1/fittings/{id}", {
          params: { path: { id } },
          body: sent,
          ...ifMatch(base.current.version),
        }),
      );
      failures.current = 0;
      settle({ version, record: sent });
      busy.current = false;
      if (same(latest.current, sent)) setSaving({ state: "saved" });
      else void send();
    } catch (error) {
      busy.current = false;
      const refusal = error instanceof Refused ? error : new Refused(null, 0);
      if (refusal.fate !== "refused") {
        failures.current += 1;
        setSaving({ state: "silent" });
        window.clearTimeout(timer.current);
        timer.current = window.setTimeout(() => void send(), pause(failures.current, refusal.retryAfter));
      } else if (refusal.status === 412 && refusal.problem?.version != null) {
        setSaving({
          state: "clash",
          theirs: { version: refusal.problem.version, record: refusal.problem.current as FittingRecord },
        });
      } else {
        // Refused for good: the change goes back, its words stay on screen.
        latest.current = base.current.record;
        setDraft(base.current.record);
        keepDraft(id, null);
        setSaving({ state: "refused", refusal });
      }
    }
  }, [id, settle]);

  // What the workroom holds arrives: take it, unless this browser kept changes of its own.
  useEffect(() => {
    if (!read.data || busy.current) return;
    const arrived: Base = { version: read.data.version, record: read.data.data };
    if (base.current && latest.current && !same(latest.current, base.current.record)) return;
    if (base.current && base.current.version >= arrived.version) return;
    base.current = arrived;
    const kept = keptDraft(id);
    const resumed = kept && !same(kept.draft, arrived.record) ? kept : null;
    if (resumed) base.current = resumed.base;
    latest.current = resumed?.draft ?? arrived.record;
    setDraft(latest.current);
    if (resumed) void send();
  }, [id, read.data, send]);

  const who = useQuery(whoQuery).data?.email;
  // Somebody has signed in again: what was kept over the ended session goes in.
  useEffect(() => {
    if (who) void send();
  }, [who, send]);
  useEffect(() => () => window.clearTimeout(timer.current), []);

  const change = useCallback(
    (how: (fitting: Fitting) => Fitting) => {
      if (!latest.current || !base.current) return;
      const next = { ...latest.current, fitting: how(latest.current.fitting) };
      latest.current = next;
      setDraft(next);
      keepDraft(id, { base: base.current, draft: next });
      void send();
    },
    [id, send],
  );

  const choose = useCallback(
    (whose: "mine" | "theirs", theirs: Base) => {
      const mine = latest.current;
      const from = base.current;
      if (!mine || !from) return;
      const next =
        whose === "theirs"
          ? theirs.record
          : { ...theirs.record, fitting: merge(from.record.fitting, mine.fitting, theirs.record.fitting) };
      base.current = theirs;
      latest.current = next;
      setDraft(next);
      keepDraft(id, whose === "theirs" ? null : { base: theirs, draft: next });
      settle(theirs);
      void send();
    },
    [id, send, settle],
  );

  // An undo is a change like any other: the workroom's next version arrives as they all do.
  const undone = useCallback(() => void queries.invalidateQueries(), [queries]);

  return { draft, saving, change, choose, undone, missing: read.error };
}

export type Draft = ReturnType<typeof useDraft>;
