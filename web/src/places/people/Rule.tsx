import { Button, Input } from "antd";
import { useState } from "react";
import type { Of } from "../../api/client";

type Entry = Of<"HouseEntry">;

const units: Record<Of<"RuleUnit">, string> = { mm: "mm", share: "", days: "days", minutes: "minutes" };

/** One house default: its value, the reason for it, and this person's own. */
export function Rule<Key extends string>({
  entry,
  own,
  onChange,
}: {
  entry: Omit<Entry, "key"> & { key: Key };
  own: number | undefined;
  onChange: (key: Key, value: number | undefined) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const value = Number(text?.replace(",", "."));
  const wrong =
    text !== null &&
    (text.trim() === "" || !Number.isFinite(value) || value < entry.least || value > entry.most);
  const leave = () => {
    if (wrong) return;
    if (text !== null && value !== (own ?? entry.value)) onChange(entry.key, value);
    setText(null);
  };
  return (
    <tr>
      <td className="words">{entry.name}</td>
      <td>
        <Input
          size="small"
          className="w-88 align-right"
          aria-label={entry.name}
          value={text ?? String(own ?? entry.value)}
          onChange={(event) => setText(event.target.value)}
          onBlur={leave}
          onPressEnter={leave}
          status={wrong ? "error" : ""}
          aria-invalid={wrong}
        />
      </td>
      <td className="words">
        {units[entry.unit]}
        {own !== undefined && (
          <Button type="link" size="small" onClick={() => onChange(entry.key, undefined)}>
            back to {entry.value}
          </Button>
        )}
      </td>
      <td className="words soft">
        {wrong && (
          <span className="wrong-words" role="alert">
            Read as “{text}”: say a number from {entry.least} to {entry.most}.{" "}
          </span>
        )}
        {entry.reason}{" "}
        <span className="num">
          ({entry.least}–{entry.most})
        </span>
      </td>
    </tr>
  );
}
