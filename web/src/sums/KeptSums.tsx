import type { Of } from "../api/client";
import type { Draft } from "../fitting/useDraft";
import { Workings } from "./Answer";
import "./sums.css";

/** The sums kept with a fitting, worked out as the tape stands now. */
export function KeptSums({
  sums,
  draft,
  ofStep,
}: {
  sums: Of<"KeptAnswer">[];
  draft: Draft;
  ofStep?: boolean;
}) {
  if (sums.length === 0) return null;
  const title = ofStep ? "Worked out for this step" : "Sums kept";
  return (
    <section aria-label={title} data-testid={ofStep ? "step-sums" : "kept-sums"}>
      <h3>{title}</h3>
      {sums.map((each) => (
        <details key={each.id} className="kept-sum" open={ofStep}>
          <summary>
            <strong>{each.note || each.answer.title}</strong>: {each.answer.words}
          </summary>
          <Workings answer={each.answer} />
          <button
            type="button"
            className="linkish"
            onClick={() =>
              draft.change((now) => ({ ...now, sums: (now.sums ?? []).filter((sum) => sum.id !== each.id) }))
            }
          >
            let it go
          </button>
        </details>
      ))}
    </section>
  );
}
