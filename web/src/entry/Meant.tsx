import type { Problem } from "../api/client";

/** Why a reading was refused, and where it can be read in several ways, a button for each of them. */
export function Meant(props: { problem: Problem; onMeant: (text: string) => void }) {
  const { readings } = props.problem;
  return (
    <div className="meant">
      <p className="wrong-words">{props.problem.detail}</p>
      {readings && readings.length > 0 && (
        <div className="row" role="group" aria-label="What was meant">
          {readings.map((reading) => (
            <button
              key={reading}
              type="button"
              className="seam-key"
              // The field keeps its focus, so that it is not left and read again meanwhile.
              onMouseDown={(event) => event.preventDefault()}
              onClick={() => props.onMeant(reading)}
            >
              {reading}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
