import { useQuery } from "@tanstack/react-query";
import { InputNumber } from "antd";
import { useState } from "react";
import type { Of } from "../../api/client";
import { tonightQuery } from "../../api/queries";
import "./rail.css";

/** What fits into this evening: the steps in their order, and what to have ready. */
export function Tonight({
  hanging,
  onOpen,
}: {
  hanging: Of<"Hanging">[];
  onOpen: (hanging: Of<"Hanging">) => void;
}) {
  const [minutes, setMinutes] = useState<number | undefined>(undefined);
  const { data } = useQuery(tonightQuery(minutes));
  if (!data) return null;
  const byGarment = data.steps.reduce<{ key: string; name: string; steps: Of<"TonightStep">[] }[]>(
    (all, step) => {
      const last = all.at(-1);
      if (last?.key === step.key) last.steps.push(step);
      else all.push({ key: step.key, name: step.name, steps: [step] });
      return all;
    },
    [],
  );
  const open = (key: string) => {
    const found = hanging.find((each) => each.id === key);
    if (found) onOpen(found);
  };
  return (
    <section className="tonight" aria-label="Tonight">
      <div className="row spread">
        <h2>Tonight</h2>
        <label className="row">
          <span>I have</span>
          <InputNumber
            aria-label="Minutes this evening"
            min={0}
            max={600}
            step={5}
            value={minutes ?? data.free}
            onChange={(value) => setMinutes(value ?? undefined)}
            className="minutes-free"
          />
          <span>minutes</span>
        </label>
      </div>
      {byGarment.length === 0 ? (
        <p className="soft">
          {data.free > 0 ? "Nothing waits at the bench: pin the next garment, or rest." : "Rest, then."}
        </p>
      ) : (
        <ol className="evening">
          {byGarment.map((garment) => (
            <li key={garment.key + garment.steps[0]?.title}>
              <button type="button" className="evening-garment" onClick={() => open(garment.key)}>
                {garment.name}
              </button>
              <ol>
                {garment.steps.map((step) => (
                  <li key={step.title} className={step.at_stop ? "at-stop" : undefined}>
                    {step.title}
                    <span className="soft num">
                      {" "}
                      {step.begun
                        ? `begin it: ${Math.round(step.minutes)} min in all`
                        : `${Math.max(1, Math.round(step.minutes))} min`}
                    </span>
                  </li>
                ))}
              </ol>
            </li>
          ))}
        </ol>
      )}
      {data.ready.length > 0 && (
        <p>
          <span className="soft">Have ready: </span>
          {data.ready.join(", ")}.
        </p>
      )}
    </section>
  );
}
