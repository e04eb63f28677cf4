import { Button, Input } from "antd";
import { useState } from "react";
import type { Of } from "../../api/client";
import { LengthField } from "../../entry/LengthField";

type Entry = Omit<Of<"HouseEntry">, "key" | "topic" | "in_inches">;

/** A length of the house as it stands on the session's tape. */
export type RuleLengths = { value: string; house: string; least: string; most: string };

const units: Record<Of<"RuleUnit">, string> = {
  mm: "",
  tenths: " mm",
  share: "",
  days: " days",
  minutes: " minutes",
  hours: " hours",
};

/** One house default: this person's own, the house's and the way back to it, and the reason. */
export function Rule<Key extends string>(props: {
  entry: Entry & { key: Key };
  own: number | undefined;
  lengths?: RuleLengths | undefined;
  onChange: (key: Key, value: number | undefined) => void;
}) {
  const { entry, own, lengths, onChange } = props;
  const [wrong, setWrong] = useState<string | undefined>();
  const limits = lengths ?? { least: entry.least, most: entry.most };
  /** True where it is taken; what is not is said with what was read, and changes nothing. */
  const change = (value: number | undefined, read = String(value)) => {
    const out = value !== undefined && (value < entry.least || value > entry.most);
    setWrong(
      out ? `${entry.name}: read as ${read}; it can be from ${limits.least} to ${limits.most}.` : undefined,
    );
    if (!out && value !== (own ?? entry.value)) onChange(entry.key, value);
    return !out;
  };
  return (
    <tr>
      <td className="words">{entry.name}</td>
      <td>
        {entry.unit === "mm" ? (
          <LengthField
            className="rule-length"
            label={entry.name}
            name={entry.key}
            shown={lengths?.value}
            wrong={wrong}
            onWrong={setWrong}
            onLength={change}
          />
        ) : (
          <NumberField
            label={entry.name}
            value={own ?? entry.value}
            wrong={wrong}
            onWrong={setWrong}
            onNumber={change}
          />
        )}
      </td>
      <td className="words">
        {lengths?.house ?? entry.value}
        {units[entry.unit]}
        {own !== undefined && (
          <Button
            type="link"
            size="small"
            onClick={() => {
              setWrong(undefined);
              onChange(entry.key, undefined);
            }}
          >
            back to it
          </Button>
        )}
      </td>
      <td className="words soft">
        {entry.reason}{" "}
        <span className="num">
          ({limits.least}–{limits.most})
        </span>
      </td>
    </tr>
  );
}

/** A number that is no length, taken when the field is left. */
function NumberField(props: {
  label: string;
  value: number;
  wrong: string | undefined;
  onWrong: (words: string | undefined) => void;
  onNumber: (value: number) => boolean;
}) {
  const [text, setText] = useState<string | null>(null);
  const leave = () => {
    if (text === null) return;
    const value = Number(text.replace(",", "."));
    if (text.trim() === "" || !Number.isFinite(value)) {
      props.onWrong(`${props.label}: read as “${text}”, which is no number.`);
      return;
    }
    if (props.onNumber(value)) setText(null);
  };
  return (
    <>
      <Input
        className="rule-number"
        aria-label={props.label}
        value={text ?? String(props.value)}
        onChange={(event) => setText(event.target.value)}
        onBlur={leave}
        onPressEnter={leave}
        status={props.wrong ? "error" : ""}
        aria-invalid={!!props.wrong}
      />
      {props.wrong && (
        <span className="wrong-words" role="alert">
          {props.wrong}
        </span>
      )}
    </>
  );
}
