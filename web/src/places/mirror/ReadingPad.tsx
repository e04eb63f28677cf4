import { type Dispatch, type ReactNode, useEffect, useEffectEvent, useRef } from "react";
import { Meant } from "../../entry/Meant";
import { coarse } from "../../entry/coarse";
import { NumberPad } from "../../entry/NumberPad";
import { emptyField, type Pad, type PadEvent } from "./pad";
import "./mirror.css";

/** The reading pad: its fields one after the other, what the workroom says, and keys for one thumb. */
export function ReadingPad<Name extends string>(props: {
  /** Its fields in the order they are read, with what each is called on this pad and in files. */
  fields: { name: Name; label: ReactNode; input: string }[];
  pad: Pad<Name>;
  happens: Dispatch<PadEvent<Name>>;
  /** What is read; when it changes the hand goes to the first field. */
  at: string;
  /** Something stood on it when it was opened: it is brought into sight. */
  begun?: boolean;
  /** Readings that wait for the workroom. */
  waiting: number;
  hint?: string;
  go: string;
  /** A key in an empty field that means something else; true where it did. */
  onKey?: (key: string) => boolean;
  /** Every field has something in it. */
  onTake: () => void;
  between?: ReactNode;
}) {
  const { fields, pad, happens } = props;
  const inputs = useRef(new Map<Name, HTMLInputElement>());
  const names = fields.map((each) => each.name);
  const next = () => {
    const empty = emptyField(pad, names);
    if (empty === undefined) props.onTake();
    else happens({ is: "turned", field: empty });
  };
  const { field, turns } = pad;
  useEffect(() => {
    if (turns > 0) inputs.current.get(field)?.focus();
  }, [turns, field]);
  const opened = useRef(true);
  const first = names[0];
  const turn = useEffectEvent(() => {
    // A place that was put here to be read is brought into sight; what was picked is in sight already.
    const begins = opened.current ? field : first;
    if (begins !== undefined)
      inputs.current.get(begins)?.focus({ preventScroll: !(opened.current && props.begun) });
    opened.current = false;
  });
  // What is read decides, not who is asked.
  useEffect(() => turn(), [props.at]);
  const wrongIn = pad.wrong ? (names.find((name) => name === pad.wrong?.path) ?? names.at(-1)) : undefined;
  return (
    <>
      <div className="tape-fields">
        {fields.map(({ name, label, input }) => (
          <label key={name} className={`tape-field ${wrongIn === name ? "wrong" : ""}`}>
            {label}
            <input
              ref={(element) => {
                if (element) inputs.current.set(name, element);
                else inputs.current.delete(name);
              }}
              name={input}
              value={pad.text[name]}
              inputMode={coarse ? "none" : "text"}
              autoComplete="off"
              aria-invalid={wrongIn === name}
              onFocus={() => happens({ is: "entered", field: name })}
              onKeyDown={(event) => {
                if (event.key === "Enter") {
                  event.preventDefault();
                  next();
                } else if (pad.text[name] === "" && props.onKey?.(event.key)) event.preventDefault();
              }}
              onChange={(event) => happens({ is: "typed", field: name, text: event.target.value })}
            />
          </label>
        ))}
      </div>
      {props.between}
      <div role="status" data-testid="echo">
        {pad.wrong && wrongIn !== undefined ? (
          <Meant
            problem={pad.wrong}
            onMeant={(meant) => happens({ is: "meant", field: wrongIn, text: meant })}
          />
        ) : props.waiting > 0 ? (
          <p className="echo-now">
            {props.waiting} {props.waiting === 1 ? "reading waits" : "readings wait"} here for the workroom.
          </p>
        ) : pad.echo || props.hint ? (
          <p className="echo-now">{pad.echo || props.hint}</p>
        ) : null}
      </div>
      <NumberPad go={props.go} onKey={(key) => happens({ is: "pressed", key })} onGo={next} />
    </>
  );
}
