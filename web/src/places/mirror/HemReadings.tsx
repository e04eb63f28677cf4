import type { HemSolution } from "../../hem/wish";
import "./mirror.css";

/** What was read round the hem, the newest first, each said back. */
export function HemReadings(props: { solved: HemSolution | undefined; onRemove: (id: string) => void }) {
  const readings = props.solved?.readings ?? [];
  if (readings.length === 0) {
    return (
      <p className="soft">
        Nothing read yet. Any number of places will do; where nothing is read, the line is drawn as a steady
        hand would.
      </p>
    );
  }
  return (
    <section aria-label="Readings">
      <h2>
        {readings.length} {readings.length === 1 ? "place" : "places"} read
      </h2>
      <ul className="echoes">
        {[...readings].reverse().map((each) => (
          <li key={each.id} data-testid="hem-reading">
            <span>
              <span className="pinhead" aria-hidden="true" /> {each.words}
              {each.side === "centre" ? "" : `, ${each.side}`}
            </span>
            <strong className="num">{each.shown}</strong>
            <button
              type="button"
              className="linkish"
              aria-label={`Take out the reading at the ${each.words}`}
              onClick={() => props.onRemove(each.id)}
            >
              take out
            </button>
            <span className="echo">{each.echo}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
