import type { Of } from "../../api/client";
import "./mirror.css";

/** What has been read so far, newest seam first in the order of judging, each with its echo. */
export function PinList({
  solution,
  onRemove,
}: {
  solution: Of<"Solution">;
  onRemove: (id: string) => void;
}) {
  const pins = solution.seams.flatMap((seam) =>
    seam.pins.map((pin) => ({ ...pin, seam: seam.words, datum: seam.datum })),
  );
  if (pins.length === 0) {
    return (
      <p className="soft">
        No pins read yet. Begin at the top of a seam; one pin at least where the line changes its mind.
      </p>
    );
  }
  return (
    <section aria-label="Pins read">
      <h2>{pins.length} pins read</h2>
      <ul className="echoes">
        {[...pins].reverse().map((pin) => (
          <li key={pin.id} data-testid="pin">
            <span>
              <span className="pinhead" aria-hidden="true" /> {pin.seam}
              {pin.side === "centre" ? "" : `, ${pin.side}`}
            </span>
            <span className="num">
              {pin.planned != null && pin.planned !== pin.shown[1] && (
                <span className="soft">{pin.planned} → </span>
              )}
              <strong>{pin.shown[1]}</strong> at {pin.shown[0]}
            </span>
            <button
              type="button"
              className="linkish"
              aria-label={`Take out the pin at ${pin.shown[0]}`}
              onClick={() => onRemove(pin.id)}
            >
              take out
            </button>
            <span className="echo">{pin.echo}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
