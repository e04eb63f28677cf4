import { describe, expect, it } from "vitest";
import type { Problem } from "../api/client";
import { apply, between, type Fitting, type Pin, same } from "./changes";
import { type Base, empty, next, type Outbox, type Posted, seen, toSend } from "./outbox";

const fitting: Fitting = { held_on: "2026-11-16", intention: "easy", anchored: false };
const base = (line: number, over: Partial<Fitting> = {}): Base => ({
  version: line,
  line,
  record: { garment: "g", number: 1, fitting: { ...fitting, ...over } },
});
const pin = (id: string, reading: number): Pin => ({
  id,
  seam: "outseam",
  side: "left",
  datum: "hem",
  station: 600,
  mode: "seam_to_pin",
  reading,
});
const posted = (id: string, reading: number): Posted => ({
  id,
  parts: [{ change: "put_pin", pin: pin(id, reading) }],
});
const problem = { code: "job.nonsense", status: 422, title: "", detail: "Too deep." } as Problem;
const readings = (outbox: Outbox) => seen(outbox)?.fitting.pins?.map((each) => each.reading) ?? [];
const after = (...happenings: Parameters<typeof next>[1][]) => happenings.reduce(next, empty);

describe("the outbox", () => {
  it("shows what waits on top of what the workroom has", () => {
    const outbox = after(
      { on: "arrived", base: base(3, { pins: [pin("a", 10)] }) },
      { on: "changed", change: posted("b", 12) },
      { on: "changed", change: posted("a", 14) },
    );
    expect(readings(outbox)).toEqual([14, 12]);
    expect(toSend(outbox).map((change) => change.id)).toEqual(["b", "a"]);
  });

  it("keeps everything through silence, and sends it again as it was", () => {
    let outbox = after({ on: "arrived", base: base(1) }, { on: "changed", change: posted("a", 10) });
    for (let i = 1; i <= 5; i++) {
      outbox = next(outbox, { on: "sent", ids: toSend(outbox).map((change) => change.id) });
      expect(toSend(outbox)).toEqual([]);
      outbox = next(outbox, { on: "changed", change: posted(`b${i}`, i) });
      outbox = next(outbox, { on: "unanswered" });
      expect(outbox.failures).toBe(i);
    }
    expect(toSend(outbox).map((change) => change.id)).toEqual(["a", "b1", "b2", "b3", "b4", "b5"]);
  });

  it("lets go of exactly what was answered, and says what was refused", () => {
    const outbox = after(
      { on: "arrived", base: base(1) },
      { on: "changed", change: posted("a", 10) },
      { on: "changed", change: posted("b", 999) },
      { on: "sent", ids: ["a", "b"] },
      { on: "changed", change: posted("c", 12) },
      {
        on: "answered",
        base: base(2, { pins: [pin("a", 10)] }),
        answers: [
          { id: "a", line: 2, refused: null },
          { id: "b", line: null, refused: problem },
        ],
      },
    );
    expect(readings(outbox)).toEqual([10, 12]);
    expect(outbox.refused?.detail).toBe("Too deep.");
    expect(toSend(outbox).map((change) => change.id)).toEqual(["c"]);
  });

  it("loses only what was under way when all of that is refused", () => {
    const outbox = after(
      { on: "arrived", base: base(1) },
      { on: "changed", change: posted("a", 10) },
      { on: "sent", ids: ["a"] },
      { on: "changed", change: posted("b", 12) },
      { on: "refused", problem },
    );
    expect(readings(outbox)).toEqual([12]);
  });

  it("takes no older news for newer", () => {
    const outbox = after(
      { on: "arrived", base: base(5, { pins: [pin("a", 10)] }) },
      { on: "arrived", base: base(4) },
    );
    expect(outbox.base?.line).toBe(5);
  });

  it("sends no more at once than the workroom takes, and the rest after it", () => {
    const long = (id: string): Posted => ({
      id,
      parts: Array.from({ length: 900 }, (_, i) => ({ change: "put_pin", pin: pin(`${id}-${i}`, i) })),
    });
    let outbox = after({ on: "arrived", base: base(1) });
    for (let i = 0; i < 60; i++) outbox = next(outbox, { on: "changed", change: long(`c${i}`) });
    const sent: string[] = [];
    for (let some = toSend(outbox); some.length > 0; some = toSend(outbox)) {
      expect(some.length === 1 || JSON.stringify(some).length < 500_000).toBe(true);
      sent.push(...some.map((change) => change.id));
      const answers = some.map(({ id }) => ({ id, line: 2, refused: null }));
      outbox = next(outbox, { on: "answered", answers, base: base(2) });
    }
    expect(sent).toEqual(Array.from({ length: 60 }, (_, i) => `c${i}`));
  });

  it("waits for how the fitting stands before it sends what was kept", () => {
    const outbox = after({ on: "changed", change: posted("a", 10) });
    expect(toSend(outbox)).toEqual([]);
    expect(seen(outbox)).toBeNull();
  });
});

describe("what lies between two fittings", () => {
  const rich: Fitting = {
    ...fitting,
    anchored: true,
    intention: "close",
    pins: [pin("a", 10), pin("b", 12)],
    evening: [{ seam: "outseam", choice: "mean" }],
    ends: [{ seam: "outseam", lower: { end: "run_off" } }],
    accepted: [{ seam: "outseam", side: "left", station: 600, depth: 9 }],
    hems: [
      {
        hem: "hem",
        wanted: { from: "pins" },
        readings: [{ id: "r", side: "left", at: 90, read: "edge_to_pin", length: 10 }],
      },
    ],
    sums: [{ id: "s", note: "cuff", sum: { sum: "gathers", long: 40, short: 20 } }],
    progress: {
      done: { chalk: 12 },
      confirmed: ["cut/looked"],
      vouched: { chalk: [{ of: "seen", mark: "0123456789abcdef" }] },
    },
    form: { taken_on: "2026-11-01", measures: { hip: 1000 }, layers: [] },
  };

  it("leads there and back", () => {
    for (const [one, other] of [
      [fitting, rich],
      [rich, fitting],
      [
        rich,
        {
          ...rich,
          pins: [pin("b", 13), pin("c", 9)],
          hems: [{ hem: "hem" as const, wanted: { from: "floor" as const, height: 60 }, readings: [] }],
        },
      ],
    ] as [Fitting, Fitting][]) {
      const walked = apply(one, between(one, other));
      expect(between(walked, other)).toEqual([]);
      expect(between(other, walked)).toEqual([]);
    }
  });

  it("is nothing between a fitting and itself, written out or not", () => {
    expect(between(rich, { ...rich, form: { ...rich.form!, layers: [] } })).toEqual([]);
    expect(between(fitting, { ...fitting, pins: [], form: null })).toEqual([]);
    expect(same({ a: null, b: 1 }, { b: 1 })).toBe(true);
  });

  it("says a hem's wish without its readings, and each reading for itself", () => {
    const changes = between(fitting, rich).filter((change) => change.change.includes("hem"));
    expect(changes.map((change) => change.change)).toEqual(["wish_hem", "read_hem"]);
    expect(changes[0]).toMatchObject({ wish: { readings: [] } });
  });
});
