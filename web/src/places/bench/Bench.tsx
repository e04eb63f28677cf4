import { Button } from "antd";
import { useCallback, useEffect, useState } from "react";
import { confirm, seen, tick as ticked, untick, withdraw } from "../../fitting/progress";
import type { AtWork } from "../../fitting/atWork";
import { UndoButton } from "../../fitting/UndoButton";
import { isTyping } from "../../frame/keys";
import { KeptSums } from "../../sums/KeptSums";
import { PlaceOnGarment } from "../../cloth/PlaceOnGarment";
import { StopPanel } from "./StopPanel";
import { clock, useTimer } from "./useTimer";
import "./bench.css";

/** One step at a time, large, with stops before anything that cannot be undone. */
export default function Bench({ id, draft, job, solution }: AtWork) {
  const figures = solution.drawing;
  const steps = solution.plan.steps;
  const next = steps.find((step) => !step.done);
  const [looking, setLooking] = useState<string | null>(null);
  const step = steps.find((each) => each.key === looking) ?? next ?? steps.at(-1);
  const timer = useTimer(`${id} ${step?.key ?? ""}`);

  const tick = useCallback(() => {
    if (!step || step.done || step.waits) return;
    const minutes = timer.stop();
    draft.change((now) => ticked(now, step.key, minutes, seen(step.mark)));
    setLooking(null);
  }, [draft, step, timer]);
  const answer = (condition: string, yes: boolean) => {
    if (!step) return;
    draft.change((now) => (yes ? confirm(now, condition, seen(step.mark)) : withdraw(now, condition)));
  };

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || (event.target as HTMLElement).closest("button, a, [role=dialog]")) return;
      const at = steps.findIndex((each) => each.key === step?.key);
      if (event.key === " ") {
        event.preventDefault();
        tick();
      } else if (event.key === "ArrowDown" || event.key === "ArrowUp") {
        event.preventDefault();
        setLooking(steps[at + (event.key === "ArrowDown" ? 1 : -1)]?.key ?? null);
      } else if (event.key.toLowerCase() === "t") timer.toggle();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [step, steps, tick, timer]);

  if (!step) {
    return (
      <div className="page stack">
        <h1>No work order yet</h1>
        <p>It is made from the lines. Read pins at the Mirror, and settle every line at the Chalk table.</p>
      </div>
    );
  }
  const left = solution.plan.minutes_left;
  const needed = solution.sums.filter((sum) => sum.steps.includes(step.key));
  return (
    <div className="page bench">
      <article className="step stack" aria-label="The step in hand">
        <div className="row spread">
          <span className="soft">
            {step.bench === "body" ? "on the body" : `at the ${step.bench === "wash" ? "tub" : step.bench}`},{" "}
            {Math.round(step.minutes.p20)}–{Math.round(step.minutes.p80)} min
            {step.by_itself ? `, then ${step.by_itself} by itself` : ""}
          </span>
          <UndoButton draft={draft} />
        </div>
        <div>
          {figures?.figure && figures.figure_back && (
            <PlaceOnGarment
              front={figures.figure}
              back={figures.figure_back}
              look={job.garment.cloth?.look}
              place={step.place}
            />
          )}
          <h1>{step.title}</h1>
          {step.lapsed && (
            <p className="lapsed" role="status" data-testid="lapsed">
              {step.lapsed}
            </p>
          )}
          <ul className="how">
            {step.how.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </div>
        <KeptSums sums={needed} draft={draft} ofStep />
        {step.tools.length > 0 && (
          <p>
            <strong>At hand:</strong> {step.tools.join(", ")}
          </p>
        )}
        {step.cautions.map((words) => (
          <p key={words} className="caution">
            {words}
          </p>
        ))}
        {step.stop && <StopPanel stop={step.stop} done={step.done} onConfirm={answer} />}
        <div className="row acts">
          {step.done ? (
            <Button size="large" onClick={() => draft.change((now) => untick(now, step.key))}>
              It is not done after all
            </Button>
          ) : (
            <Button
              type="primary"
              size="large"
              disabled={step.waits != null}
              onClick={tick}
              data-testid="tick"
            >
              Done: next step <span className="key">Space</span>
            </Button>
          )}
          {!step.done && (
            <>
              <span className="timer" role="timer">
                {clock(timer.seconds)}
              </span>
              <Button onClick={timer.toggle}>{timer.running ? "Stop the timer" : "Start the timer"}</Button>
            </>
          )}
        </div>
        {step.waits && (
          <p className="wrong-words" role="status">
            {step.waits}
          </p>
        )}
      </article>
      <nav aria-label="Work order">
        <div className="row spread order-head">
          <h2>Work order</h2>
          <span className="soft num">
            {left.p50 > 0 ? `${Math.round(left.p20)}–${Math.round(left.p80)} min left` : "all done"}
          </span>
        </div>
        <ol className="order">
          {steps.map((each) => (
            <li
              key={each.key}
              className={`${each.done ? "done" : ""} ${each.stop ? "stop" : ""} ${each.lapsed ? "lapsed" : ""}`}
              data-testid="step"
            >
              <button
                type="button"
                aria-current={each === step ? "step" : undefined}
                onClick={() => setLooking(each.key)}
              >
                <span>
                  {each.title}
                  {each.stop ? <span className="visually-hidden"> (a stop stands before it)</span> : null}
                  {each.lapsed ? <span className="again"> again</span> : null}
                </span>
                <span className="num">{each.done ? "✓" : Math.round(each.minutes.p50)}</span>
              </button>
            </li>
          ))}
        </ol>
        <KeptSums sums={solution.sums.filter((sum) => !needed.includes(sum))} draft={draft} />
      </nav>
    </div>
  );
}
