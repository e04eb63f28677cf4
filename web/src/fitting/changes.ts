import { alterationKey } from "../alterations/kinds";
import type { Of } from "../api/client";
import { confirm, type Progress, progressOf, tick, untick, withdraw } from "./progress";

export type FittingRecord = Of<"FittingRecord">;
export type Fitting = Of<"Fitting">;
export type Pin = Of<"Pin">;
export type Change = Of<"Change">;
type Hem = Of<"HemWish">;
type Accepted = Of<"AcceptedDepth">;

/** True when two records say the same, whatever the order of their fields and whether nothing is written out. */
export const same = (a: unknown, b: unknown) => canonical(a) === canonical(b);

function canonical(value: unknown): string {
  return JSON.stringify(value ?? null, (_, part: unknown) =>
    part && typeof part === "object" && !Array.isArray(part)
      ? Object.fromEntries(
          Object.entries(part)
            .filter(([, each]) => each != null)
            .sort(([one], [other]) => (one < other ? -1 : 1)),
        )
      : part,
  );
}

const pinKey = (pin: Pin) => pin.id;
const seamKey = (row: { seam: string }) => row.seam;
const idKey = (row: { id: string }) => row.id;
const hemKey = (hem: Hem) => hem.hem;
const acceptedKey = ({ seam, side, station }: Pick<Accepted, "seam" | "side" | "station">) =>
  `${seam} ${side} ${station}`;
const bare = (hem: Hem): Hem => ({ ...hem, readings: [] });

/** The rows put where they are new or different, and taken away where they are gone. */
function rows<Row>(
  before: Row[],
  after: Row[],
  key: (row: Row) => string,
  put: (row: Row) => Change,
  take: (row: Row) => Change,
): Change[] {
  const was = new Map(before.map((row) => [key(row), row]));
  const stands = new Set(after.map(key));
  return [
    ...before.filter((row) => !stands.has(key(row))).map(take),
    ...after.filter((row) => !same(was.get(key(row)), row)).map(put),
  ];
}

/** The small changes that lead from one fitting to another. */
export function between(before: Fitting, after: Fitting): Change[] {
  const changes: Change[] = [];
  if (before.held_on !== after.held_on) changes.push({ change: "hold_on", held_on: after.held_on });
  if (!same(before.intention ?? "easy", after.intention ?? "easy"))
    changes.push({ change: "intend", intention: after.intention ?? "easy" });
  if ((before.anchored ?? false) !== (after.anchored ?? false))
    changes.push({ change: "anchor", anchored: after.anchored ?? false });
  if (!same(before.form, after.form)) changes.push({ change: "fit_on", form: after.form ?? null });
  changes.push(
    ...rows(
      before.pins ?? [],
      after.pins ?? [],
      pinKey,
      (pin) => ({ change: "put_pin", pin }),
      ({ id }) => ({ change: "take_out_pin", id }),
    ),
    ...hemsBetween(before.hems ?? [], after.hems ?? []),
    ...rows(
      before.alterations ?? [],
      after.alterations ?? [],
      alterationKey,
      (alteration) => ({ change: "alter", alteration }),
      (alteration) => ({ change: "do_without", key: alterationKey(alteration) }),
    ),
    ...rows(
      before.evening ?? [],
      after.evening ?? [],
      seamKey,
      (evening) => ({ change: "even_seam", evening }),
      ({ seam }) => ({ change: "even_by_habit", seam }),
    ),
    ...rows(
      before.ends ?? [],
      after.ends ?? [],
      seamKey,
      (ends) => ({ change: "wish_ends", ends }),
      ({ seam }) => ({ change: "leave_ends", seam }),
    ),
    ...rows(
      before.accepted ?? [],
      after.accepted ?? [],
      acceptedKey,
      (accepted) => ({ change: "accept_depth", accepted }),
      ({ seam, side, station }) => ({ change: "give_back_depth", seam, side, station }),
    ),
    ...rows(
      before.sums ?? [],
      after.sums ?? [],
      idKey,
      (sum) => ({ change: "keep_sum", sum }),
      ({ id }) => ({ change: "let_sum_go", id }),
    ),
    ...progressBetween(progressOf(before), progressOf(after)),
  );
  return changes;
}

function hemsBetween(before: Hem[], after: Hem[]): Change[] {
  const wishes = rows(
    before.map(bare),
    after.map(bare),
    hemKey,
    (wish) => ({ change: "wish_hem", wish }),
    ({ hem }) => ({ change: "leave_hem", hem }),
  );
  const readings = after.flatMap(({ hem, readings }) =>
    rows(
      before.find((was) => was.hem === hem)?.readings ?? [],
      readings ?? [],
      idKey,
      (reading) => ({ change: "read_hem", hem, reading }),
      ({ id }) => ({ change: "take_out_reading", hem, id }),
    ),
  );
  return [...wishes, ...readings];
}

function progressBetween(before: Progress, after: Progress): Change[] {
  const ticks = ({ done, vouched }: Progress) =>
    Object.entries(done).map(([step, minutes]) => ({ step, minutes, vouched: vouched[step] ?? [] }));
  const conditions = ({ confirmed, vouched }: Progress) =>
    confirmed.map((condition) => ({ condition, vouched: vouched[condition] ?? [] }));
  return [
    ...rows(
      ticks(before),
      ticks(after),
      (tick) => tick.step,
      (tick) => ({ change: "tick", ...tick }),
      ({ step }) => ({ change: "untick", step }),
    ),
    ...rows(
      conditions(before),
      conditions(after),
      (each) => each.condition,
      (each) => ({ change: "confirm", ...each }),
      ({ condition }) => ({ change: "withdraw", condition }),
    ),
  ];
}

/** Rows with one put in place of what stood under its key, or added. */
function put<Row>(all: Row[] | undefined, row: Row, key: (row: Row) => string): Row[] {
  const known = all ?? [];
  return known.some((each) => key(each) === key(row))
    ? known.map((each) => (key(each) === key(row) ? row : each))
    : [...known, row];
}

function take<Row>(all: Row[] | undefined, wanted: string, key: (row: Row) => string): Row[] {
  return (all ?? []).filter((each) => key(each) !== wanted);
}

const readingsOf = (fitting: Fitting, hem: Hem["hem"]) =>
  fitting.hems?.find((each) => each.hem === hem)?.readings ?? [];

function withReadings(fitting: Fitting, hem: Hem["hem"], readings: NonNullable<Hem["readings"]>): Fitting {
  const hems = (fitting.hems ?? []).map((each) => (each.hem === hem ? { ...each, readings } : each));
  return { ...fitting, hems };
}

/** A fitting after one change, until the workroom says how it stands. */
function applied(fitting: Fitting, change: Change): Fitting {
  switch (change.change) {
    case "put_pin":
      return { ...fitting, pins: put(fitting.pins, change.pin, pinKey) };
    case "take_out_pin":
      return { ...fitting, pins: take(fitting.pins, change.id, pinKey) };
    case "wish_hem": {
      const wish = { ...change.wish, readings: readingsOf(fitting, change.wish.hem) };
      return { ...fitting, hems: put(fitting.hems, wish, hemKey) };
    }
    case "leave_hem":
      return { ...fitting, hems: take(fitting.hems, change.hem, hemKey) };
    case "read_hem":
      return withReadings(fitting, change.hem, put(readingsOf(fitting, change.hem), change.reading, idKey));
    case "take_out_reading":
      return withReadings(fitting, change.hem, take(readingsOf(fitting, change.hem), change.id, idKey));
    case "alter":
      return { ...fitting, alterations: put(fitting.alterations, change.alteration, alterationKey) };
    case "do_without":
      return { ...fitting, alterations: take(fitting.alterations, change.key, alterationKey) };
    case "even_seam":
      return { ...fitting, evening: put(fitting.evening, change.evening, seamKey) };
    case "even_by_habit":
      return { ...fitting, evening: take(fitting.evening, change.seam, seamKey) };
    case "wish_ends":
      return { ...fitting, ends: put(fitting.ends, change.ends, seamKey) };
    case "leave_ends":
      return { ...fitting, ends: take(fitting.ends, change.seam, seamKey) };
    case "accept_depth":
      return { ...fitting, accepted: put(fitting.accepted, change.accepted, acceptedKey) };
    case "give_back_depth":
      return { ...fitting, accepted: take(fitting.accepted, acceptedKey(change), acceptedKey) };
    case "intend":
      return { ...fitting, intention: change.intention };
    case "anchor":
      return { ...fitting, anchored: change.anchored };
    case "hold_on":
      return { ...fitting, held_on: change.held_on };
    case "fit_on":
      return { ...fitting, form: change.form ?? null };
    case "tick":
      return tick(fitting, change.step, change.minutes ?? null, change.vouched ?? []);
    case "untick":
      return untick(fitting, change.step);
    case "confirm":
      return confirm(fitting, change.condition, change.vouched ?? []);
    case "withdraw":
      return withdraw(fitting, change.condition);
    case "keep_sum":
      return { ...fitting, sums: put(fitting.sums, change.sum, idKey) };
    case "let_sum_go":
      return { ...fitting, sums: take(fitting.sums, change.id, idKey) };
  }
}

/** A fitting after changes, until the workroom says how it stands. */
export const apply = (fitting: Fitting, changes: Change[]): Fitting => changes.reduce(applied, fitting);
