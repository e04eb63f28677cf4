import type { Of } from "../api/client";
import type { Draft } from "../fitting/useDraft";
import { Answer } from "./Answer";

/** The sums kept with a fitting, worked out as the tape stands now. */
export function KeptSums({ sums, draft }: { sums: Of<"KeptAnswer">[]; draft: Draft }) {
  if (sums.length === 0) return null;
  return (
    <section aria-label="Sums kept with this fitting" data-testid="kept-sums">
      <h3>Sums kept</h3>
      {sums.map((each) => (
        <details key={each.id}>
          <summary>
            <strong>{each.note || each.answer.title}</strong>: {each.answer.words}
          </summary>
          <Answer answer={each.answer} />
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
