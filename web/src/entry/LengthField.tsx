import { useQuery } from "@tanstack/react-query";
import { Input, type InputRef } from "antd";
import { useEffect, useId, useRef, useState } from "react";
import { type Problem, Refused } from "../api/client";
import { habitsQuery } from "../api/queries";
import { pause } from "../api/sending";
import { coarse } from "./coarse";
import { readLengths } from "./lengths";
import { Meant } from "./Meant";

/**
 * A length typed in any spelling. It is read when the field is left; until it is changed the kept
 * length stays as exact as it was.
 */
export function LengthField(props: {
  label: string;
  name: string;
  shown: string | undefined;
  hint?: string;
  needed?: boolean;
  /** What stands there until something is typed: what the drawing has. */
  ghost?: string | undefined;
  className?: string;
  /** The cursor comes into the field. */
  onHold?: () => void;
  autoFocus?: boolean;
  /** Typed with the pad that stands beside it. */
  padded?: boolean;
  /** Enter goes on from here, once the reading is taken. */
  onGo?: () => void;
  wrong?: string | undefined;
  /** What was read, in millimetres, and as it stands on the session's tape. */
  onLength: (mm: number | undefined, shown?: string) => void;
  onWrong: (words: string | undefined) => void;
  /** Told of every reading under way, so that saving can wait for it. */
  onReading?: (read: Promise<void>) => void;
}) {
  const id = useId();
  const habits = useQuery(habitsQuery);
  // What is typed and not read yet stands above what is kept; nothing that arrives meanwhile may rub it out.
  const [typed, setTyped] = useState<string | null>(null);
  // What was read last stands until the kept length is shown again.
  const [read, setRead] = useState("");
  // Ways in which what was typed can be read, where there are several.
  const [ways, setWays] = useState<Problem | null>(null);
  const text = typed ?? props.shown ?? read;
  const input = useRef<InputRef>(null);
  // What is being read; nothing once it was typed on, or the field is gone.
  const asked = useRef<string | null>(null);
  useEffect(() => () => void (asked.current = null), []);
  useEffect(() => {
    // What arrives in a field the cursor stands in already is chosen whole: what is typed next takes its place.
    if (props.shown && document.activeElement === input.current?.input) input.current?.select();
  }, [props.shown]);
  const leave = async (typed: string | null) => {
    if (typed === null) return;
    asked.current = typed;
    setWays(null);
    if (typed.trim() === "") {
      props.onWrong(undefined);
      props.onLength(undefined);
      setRead("");
      setTyped(null);
      return;
    }
    for (;;) {
      try {
        const [length] = await readLengths(habits.data?.data, [{ field: props.name, text: typed }]);
        props.onWrong(undefined);
        props.onLength(length?.length, length?.shown);
        setRead(length?.shown ?? typed);
        // Typed on while it was being read: that is read when the field is left again.
        setTyped((now) => (now === typed ? null : now));
        return;
      } catch (refusal) {
        if (asked.current !== typed) return;
        props.onWrong(refusal instanceof Refused ? refusal.message : String(refusal));
        if (refusal instanceof Refused && refusal.problem?.readings?.length) setWays(refusal.problem);
        // Silence says nothing about what was typed: it is read when the workroom is back.
        if (!(refusal instanceof Refused && refusal.isSilence)) return;
        await new Promise((done) => setTimeout(done, pause(1, refusal.retryAfter)));
        if (asked.current !== typed) return;
      }
    }
  };
  const take = () => {
    const read = leave(typed);
    props.onReading?.(read);
  };
  return (
    <div className={`field ${props.className ?? ""}`}>
      <label htmlFor={id}>
        {props.label}
        {props.needed && <span className="soft"> (needed)</span>}
      </label>
      <Input
        ref={input}
        id={id}
        name={props.name}
        value={text}
        status={props.wrong ? "error" : ""}
        aria-invalid={!!props.wrong}
        aria-describedby={`${id}-words`}
        autoComplete="off"
        inputMode={props.padded && coarse ? "none" : "text"}
        placeholder={props.ghost ? `≈ ${props.ghost}` : undefined}
        autoFocus={props.autoFocus ?? false}
        onFocus={props.onHold}
        onChange={(event) => {
          asked.current = null;
          setTyped(event.target.value);
        }}
        onBlur={take}
        onPressEnter={(event) => {
          // Enter takes the reading; it does not send off a sheet that is still being filled in.
          event.preventDefault();
          take();
          props.onGo?.();
        }}
      />
      <span id={`${id}-words`}>
        {props.wrong ? (
          <span className="wrong-words" role="alert">
            {ways ? (
              <Meant
                problem={ways}
                onMeant={(meant) => {
                  setTyped(meant);
                  const read = leave(meant);
                  props.onReading?.(read);
                }}
              />
            ) : (
              props.wrong
            )}
          </span>
        ) : (
          props.hint && <span className="hint">{props.hint}</span>
        )}
      </span>
    </div>
  );
}
