import { Button } from "antd";
import type { Of } from "../api/client";
import type { Fitting } from "../fitting/changes";
import { SumDrawing } from "../sums/SumDrawing";
import { type Alteration, alterationKey, kinds } from "./kinds";

/** A fitting with an alteration in place of the one of its kind there, or beside the others. */
export const altered = (fitting: Fitting, wish: Alteration): Fitting => {
  const key = alterationKey(wish);
  const others = (fitting.alterations ?? []).filter((each) => alterationKey(each) !== key);
  return { ...fitting, alterations: [...others, wish] };
};

/** A fitting that does without an alteration. */
export const doneWithout = (fitting: Fitting, key: string): Fitting => ({
  ...fitting,
  alterations: (fitting.alterations ?? []).filter((each) => alterationKey(each) !== key),
});

/** What is altered beside lines and hems: how it lies, or why it cannot be done and what could. */
export function Alterations(props: {
  alterations: Of<"AlterationSolution">[];
  onChange: (change: (fitting: Fitting) => Fitting) => void;
}) {
  if (props.alterations.length === 0) return null;
  const wish = (alteration: Alteration) => props.onChange((now) => altered(now, alteration));
  return (
    <section aria-label="Altered beside lines and hems" className="stack">
      {props.alterations.map((each) => {
        const Entry = kinds[each.wish.alteration]?.Entry;
        const { nearest } = each;
        return (
          <article key={each.key} className="stack tight" data-testid={each.key}>
            <h2>{each.words[0]?.toUpperCase() + each.words.slice(1)}</h2>
            {each.refused && <p role="alert">{each.refused}</p>}
            {each.sketch && <SumDrawing drawing={each.sketch} of={each.words} />}
            {Entry && <Entry wish={each.wish} onWish={wish} />}
            <div className="row">
              {nearest && <Button onClick={() => wish(nearest)}>Do what works</Button>}
              <Button onClick={() => props.onChange((now) => doneWithout(now, each.key))}>Do without</Button>
            </div>
          </article>
        );
      })}
    </section>
  );
}
