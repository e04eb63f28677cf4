import { useQuery } from "@tanstack/react-query";
import { Input } from "antd";
import { useEffect, useId, useState } from "react";
import { Refused } from "../api/client";
import { habitsQuery } from "../api/queries";
import { readLengths } from "./lengths";

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
  wrong?: string | undefined;
  onLength: (mm: number | undefined) => void;
  onWrong: (words: string | undefined) => void;
  /** Told of every reading under way, so that saving can wait for it. */
  onReading?: (read: Promise<void>) => void;
}) {
  const id = useId();
  const habits = useQuery(habitsQuery);
  const [text, setText] = useState(props.shown ?? "");
  const [typed, setTyped] = useState(false);
  useEffect(() => {
    if (!typed) setText(props.shown ?? "");
  }, [props.shown, typed]);
  const leave = async () => {
    if (!typed) return;
    if (text.trim() === "") {
      props.onWrong(undefined);
      props.onLength(undefined);
      setTyped(false);
      return;
    }
    try {
      const [read] = await readLengths(habits.data?.data, [{ field: props.name, text }]);
      props.onWrong(undefined);
      props.onLength(read?.length);
      setText(read?.shown ?? text);
      setTyped(false);
    } catch (refusal) {
      props.onWrong(refusal instanceof Refused ? refusal.message : String(refusal));
    }
  };
  const take = () => {
    const read = leave();
    props.onReading?.(read);
  };
  return (
    <div className="field">
      <label htmlFor={id}>
        {props.label}
        {props.needed && <span className="soft"> (needed)</span>}
      </label>
      <Input
        id={id}
        name={props.name}
        value={text}
        status={props.wrong ? "error" : ""}
        aria-invalid={!!props.wrong}
        aria-describedby={`${id}-words`}
        autoComplete="off"
        onChange={(event) => {
          setTyped(true);
          setText(event.target.value);
        }}
        onBlur={take}
        onPressEnter={(event) => {
          // Enter takes the reading; it does not send off a sheet that is still being filled in.
          event.preventDefault();
          take();
        }}
      />
      <span id={`${id}-words`}>
        {props.wrong ? (
          <span className="wrong-words" role="alert">
            {props.wrong}
          </span>
        ) : (
          props.hint && <span className="hint">{props.hint}</span>
        )}
      </span>
    </div>
  );
}
