import { useId } from "react";
import type { Of } from "../../api/client";
import { WhatItWouldDo } from "./WhatItWouldDo";

type Habits = Of<"Habits">;

/**
 * Where practitioners go about it in different ways: each way with what speaks for it, the one that is yours, and what
 * another would do to the garments that hang here.
 */
export function School<Key extends string>(props: {
  words: string;
  options: { key: Key; words: string; reason?: string | undefined }[];
  now: Key | undefined;
  habits: Habits;
  /** What choosing a way changes. */
  of: (key: Key) => Partial<Habits>;
  onChange: (change: Partial<Habits>) => void;
}) {
  const name = useId();
  const chosen = props.now ?? props.options[0]?.key;
  return (
    <fieldset className="school">
      <legend>{props.words}</legend>
      {props.options.map((each) => (
        <div key={each.key} className={each.key === chosen ? "way chosen" : "way"}>
          <label>
            <input
              type="radio"
              name={name}
              checked={each.key === chosen}
              onChange={() => props.onChange(props.of(each.key))}
              aria-label={each.words}
            />
            <span>
              <strong>{each.words}</strong>
              {each.reason && <span className="soft">{each.reason}</span>}
            </span>
          </label>
          {each.key !== chosen && (
            <WhatItWouldDo habits={{ ...props.habits, ...props.of(each.key) }} of={each.words} />
          )}
        </div>
      ))}
    </fieldset>
  );
}
