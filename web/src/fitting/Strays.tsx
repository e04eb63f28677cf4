import type { Of } from "../api/client";
import type { Fitting } from "./changes";

type Stray = Of<"Stray">;

/** A fitting without something that strays. */
export function without(fitting: Fitting, stray: Stray): Fitting {
  const hems = fitting.hems ?? [];
  switch (stray.kind) {
    case "pin":
      return { ...fitting, pins: (fitting.pins ?? []).filter((pin) => pin.id !== stray.id) };
    case "reading":
      return {
        ...fitting,
        hems: hems.map((hem) => ({
          ...hem,
          readings: (hem.readings ?? []).filter((each) => each.id !== stray.id),
        })),
      };
    case "hem":
      return { ...fitting, hems: hems.filter((hem) => hem.hem !== stray.id) };
  }
}

/** What was read before the garment was changed and is on nothing now, until somebody sees to it. */
export function Strays(props: { strays: Stray[]; onTakeOut: (stray: Stray) => void }) {
  if (props.strays.length === 0) return null;
  return (
    <section className="banner" aria-label="Strays" data-testid="strays">
      <p>
        The garment was changed since it was pinned.{" "}
        {props.strays.length === 1
          ? "One reading is on nothing now, and counts for nothing: "
          : `${props.strays.length} readings are on nothing now, and count for nothing: `}
        read again where the seam is, and take out the old; or change the garment back.
      </p>
      <ul className="echoes">
        {props.strays.map((stray) => (
          <li key={`${stray.kind} ${stray.id}`}>
            <span>{stray.words}</span>
            <button
              type="button"
              className="linkish"
              aria-label={`Take out: ${stray.words}`}
              onClick={() => props.onTakeOut(stray)}
            >
              take out
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
