import { Checkbox } from "antd";
import type { Of } from "../../api/client";

type Condition = Of<"Condition">;

const marks = { met: "✓", ask: "?", unmet: "!" };

/** What stands before a step that cannot be undone, each condition with its live value. */
export function StopPanel(props: {
  stop: Of<"Stop">;
  done: boolean;
  onConfirm: (key: string, yes: boolean) => void;
}) {
  return (
    <section className="stop-panel" aria-label="Stop" data-testid="stop">
      <h2>Stop: all of this must be true first</h2>
      <p className="soft">{props.stop.because}</p>
      <ul className="conditions">
        {props.stop.conditions.map((condition) => (
          <li key={condition.key}>
            <Knot state={condition.state} />
            <span>
              {condition.words}
              <br />
              <span className="soft">{condition.value}</span>
            </span>
            {condition.asks && (
              <Checkbox
                disabled={props.done}
                checked={condition.state === "met"}
                onChange={(event) => props.onConfirm(condition.key, event.target.checked)}
              >
                I looked: yes
              </Checkbox>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Knot({ state }: { state: Condition["state"] }) {
  return (
    <span className={`knot ${state}`} aria-label={state === "met" ? "settled" : "open"} role="img">
      {marks[state]}
    </span>
  );
}
