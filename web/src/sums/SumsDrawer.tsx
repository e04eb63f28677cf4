import { Drawer } from "antd";
import { useState } from "react";
import type { InHand, KnownSum } from "./keeping";
import { firstKind, kinds, type SumKind, typedOf } from "./kinds";
import { SumForm } from "./SumForm";
import "./sums.css";

/** What was done to one sum: which of the known ones it begins with, none for one's own, and what was typed over it. */
type Entered = { begins?: string | null; typed: Record<string, string> };

const untouched: Entered = { typed: {} };

/** One known sum among others: its words change with what is put back. */
const keyOf = (known: KnownSum) => `${known.sum} ${JSON.stringify(known.place)}`;

/** The small sums, from anywhere; with a garment in hand they begin with what it says, and end where it takes them. */
export default function SumsDrawer(props: {
  asked: KnownSum | "any" | null;
  inHand: InHand | null;
  onClose: () => void;
}) {
  const { asked, inHand } = props;
  const [picked, setKind] = useState<SumKind | null>(null);
  // Of all sums the first that the garment says something of.
  const said = kinds.find((each) => inHand?.known.some((known) => known.sum === each.name));
  const kind = picked ?? said ?? firstKind;
  const [entered, setEntered] = useState<Record<string, Entered>>({});
  const of = (name: string) => `${inHand?.id ?? ""} ${name}`;
  const enter = (name: string, next: Entered) => setEntered((now) => ({ ...now, [of(name)]: next }));
  const [wasAsked, setWasAsked] = useState(asked);
  if (asked !== wasAsked) {
    setWasAsked(asked);
    if (asked && asked !== "any") {
      setKind(kinds.find((each) => each.name === asked.sum) ?? firstKind);
      enter(asked.sum, { begins: keyOf(asked), typed: {} });
    }
  }
  const known = inHand?.known.filter((each) => each.sum === kind.name) ?? [];
  const { begins, typed } = entered[of(kind.name)] ?? untouched;
  // What is measured comes first: an estimate is taken only when it is asked for.
  const usual = known.find((each) => !each.estimated) ?? known[0];
  const from = begins === null ? undefined : (known.find((each) => keyOf(each) === begins) ?? usual);
  return (
    <Drawer open={asked !== null} onClose={props.onClose} title="Sums" size={430}>
      <div className="stack">
        <div className="sum-kinds" role="group" aria-label="Which sum">
          {kinds.map((each) => (
            <button
              key={each.name}
              type="button"
              className="seam-key"
              aria-pressed={each.name === kind.name}
              onClick={() => setKind(each)}
            >
              {each.words}
            </button>
          ))}
        </div>
        <p className="soft">{kind.for}</p>
        {inHand && known.length > 0 && (
          <Known
            name={inHand.name}
            known={known}
            from={from}
            onTake={(each) => enter(kind.name, { begins: each ? keyOf(each) : null, typed: {} })}
          />
        )}
        <SumForm
          key={of(kind.name)}
          kind={kind}
          typed={{ ...(from && typedOf(from)), ...typed }}
          place={from?.place ?? null}
          onTyped={(field, text) =>
            enter(kind.name, { begins: from ? keyOf(from) : null, typed: { ...typed, [field]: text } })
          }
          inHand={inHand}
          shown={asked !== null}
        />
      </div>
    </Drawer>
  );
}

/** What the garment says of a sum, to begin with. */
function Known(props: {
  name: string;
  known: KnownSum[];
  from: KnownSum | undefined;
  onTake: (known: KnownSum | undefined) => void;
}) {
  return (
    <div className="sum-known" role="group" aria-label={`Known of ${props.name}`}>
      {props.known.map((each) => (
        <button
          key={keyOf(each)}
          type="button"
          aria-pressed={each === props.from}
          onClick={() => props.onTake(each)}
        >
          {each.estimated && "≈ "}
          {each.words}
        </button>
      ))}
      <button type="button" aria-pressed={!props.from} onClick={() => props.onTake(undefined)}>
        something else
      </button>
    </div>
  );
}
