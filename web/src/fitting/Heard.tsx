import type { Of } from "../api/client";
import { useTakeBack } from "./useTakeBack";
import type { Draft } from "./useDraft";
import "./fitting.css";

const whose = (maker: Of<"Maker">) => (maker.here ? "you" : `${maker.name} on ${maker.device}`);

/**
 * What other screens changed just now. Where two changed one thing the later stands; both are told whose the other
 * was, and one press takes it back.
 */
export function Heard({ draft }: { draft: Draft }) {
  const garment = draft.draft?.garment ?? "";
  const back = useTakeBack(garment, draft.undone);
  const { heard, unheard } = draft;
  if (heard.length === 0) return null;
  return (
    <section className="banner heard" role="status" aria-label="Changed elsewhere" data-testid="heard">
      <ul className="echoes">
        {heard.map((entry) => (
          <li key={entry.id}>
            <span>
              <strong>{entry.by.here ? "You" : whose(entry.by)}</strong> {entry.what}
              {entry.replaced && `; that replaces what ${whose(entry.replaced)} read`}
            </span>
            <span className="row">
              {entry.replaced && (
                <button
                  type="button"
                  className="linkish"
                  disabled={back.isPending}
                  onClick={() => back.mutate({ line: entry.id }, { onSuccess: () => unheard(entry.id) })}
                >
                  take it back
                </button>
              )}
              <button type="button" className="linkish" onClick={() => unheard(entry.id)}>
                seen
              </button>
            </span>
          </li>
        ))}
      </ul>
      {back.refusal && <p role="alert">{back.refusal.message}</p>}
    </section>
  );
}
