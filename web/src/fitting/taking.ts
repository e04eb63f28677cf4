import type { Of } from "../api/client";
import { type HemName, type HemReading, newWish } from "../hem/wish";
import type { Fitting } from "./changes";

/** A fitting with a pin that was read; one that was set from numbers is moved by the reading where it stands. */
export function withPin(fitting: Fitting, { pin, moves }: Of<"ReadPin">): Fitting {
  const pins = fitting.pins ?? [];
  return moves
    ? { ...fitting, pins: pins.map((each) => (each.id === moves.id ? moves : each)) }
    : { ...fitting, pins: [...pins.filter((other) => other.id !== pin.id), pin] };
}

/** A fitting with a hem's reading; a place read again in the same way is read anew. */
export function withHemReading(fitting: Fitting, hem: HemName, reading: HemReading): Fitting {
  const hems = fitting.hems ?? [];
  const known = hems.some((wish) => wish.hem === hem) ? hems : [...hems, newWish(hem)];
  const others = (each: HemReading) =>
    each.side !== reading.side || each.read !== reading.read || each.at !== reading.at;
  return {
    ...fitting,
    hems: known.map((wish) =>
      wish.hem === hem ? { ...wish, readings: [...(wish.readings ?? []).filter(others), reading] } : wish,
    ),
  };
}
