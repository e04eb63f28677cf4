import { doneWithout } from "../alterations/Alterations";
import type { Of } from "../api/client";
import { useState } from "react";
import type { Fitting, Pin } from "./changes";
import { MoveStray } from "./MoveStray";
import "./fitting.css";

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
    case "alteration":
      return doneWithout(fitting, stray.id);
  }
}

/** What was read before the garment was changed and is on nothing now, until somebody sees to it. */
export function Strays(props: {
  strays: Stray[];
  /** The job as it is kept, with what strays. */
  job: Of<"Job">;
  seams: Of<"PinnableSeam">[];
  onTakeOut: (stray: Stray) => void;
  onMoved: (pin: Pin) => void;
}) {
  const [moving, setMoving] = useState<string | null>(null);
  if (props.strays.length === 0) return null;
  const pinOf = (stray: Stray) =>
    stray.kind === "pin" ? props.job.fitting.pins?.find((pin) => pin.id === stray.id) : undefined;
  return (
    <section className="banner" aria-label="Strays" data-testid="strays">
      <p>
        The garment was changed since it was pinned.{" "}
        {props.strays.length === 1
          ? "One reading is on nothing now, and counts for nothing: "
          : `${props.strays.length} readings are on nothing now, and count for nothing: `}
        move it to where it belongs, or take it out; or change the garment back.
      </p>
      <ul className="echoes">
        {props.strays.map((stray) => {
          const pin = pinOf(stray);
          return (
            <li key={`${stray.kind} ${stray.id}`}>
              <span>{stray.words}</span>
              <span className="row">
                {pin && props.seams.length > 0 && (
                  <button
                    type="button"
                    className="linkish"
                    aria-expanded={moving === stray.id}
                    aria-label={`Move: ${stray.words}`}
                    onClick={() => setMoving((now) => (now === stray.id ? null : stray.id))}
                  >
                    move
                  </button>
                )}
                <button
                  type="button"
                  className="linkish"
                  aria-label={`Take out: ${stray.words}`}
                  onClick={() => props.onTakeOut(stray)}
                >
                  take out
                </button>
              </span>
              {pin && moving === stray.id && (
                <MoveStray pin={pin} job={props.job} seams={props.seams} onMoved={props.onMoved} />
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
