import { Input } from "antd";
import { useMemo, useState } from "react";
import type { Of } from "../../api/client";
import { useShown } from "../../entry/lengths";
import { Rule, type RuleLengths } from "./Rule";

type Entry = Of<"HouseEntry">;
type Key = Entry["key"];

/** The numbers behind the ways: topic by topic, found by any word of theirs, lengths on the session's tape. */
export function HouseNumbers(props: {
  entries: Entry[];
  own: Of<"Habits">["rules"];
  /** The session reads inches, and the house's defaults are those of that tape. */
  inches: boolean;
  onChange: (key: Key, value: number | undefined) => void;
}) {
  const { own, inches } = props;
  const entries = useMemo(
    () =>
      props.entries.map((entry) => ({
        ...entry,
        value: inches ? (entry.in_inches ?? entry.value) : entry.value,
      })),
    [props.entries, inches],
  );
  const [sought, setSought] = useState("");
  const lengths = useMemo(() => {
    const all: Record<string, number> = {};
    for (const { key, value, least, most } of entries.filter((entry) => entry.unit === "mm")) {
      all[key] = own?.[key] ?? value;
      all[`${key} house`] = value;
      all[`${key} least`] = least;
      all[`${key} most`] = most;
    }
    return all;
  }, [entries, own]);
  const shown = useShown(lengths);
  const words = sought.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const found = entries.filter((entry) => {
    const text = `${entry.topic} ${entry.name} ${entry.reason}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
  const topics = [...new Set(entries.map((entry) => entry.topic))];
  const onTape = (key: Key): RuleLengths | undefined =>
    shown && {
      value: shown[key] ?? "",
      house: shown[`${key} house`] ?? "",
      least: shown[`${key} least`] ?? "",
      most: shown[`${key} most`] ?? "",
    };
  return (
    <section className="stack" aria-label="House numbers">
      <h2>House numbers</h2>
      <Input.Search
        className="find-a-number"
        placeholder="trim, hem, elbow …"
        aria-label="Find a house number"
        allowClear
        value={sought}
        onChange={(event) => setSought(event.target.value)}
      />
      {found.length === 0 && <p>No house number has “{sought.trim()}” in its name or its reason.</p>}
      {topics.map((topic) => {
        const rows = found.filter((entry) => entry.topic === topic);
        const changed = rows.filter((entry) => own?.[entry.key] !== undefined).length;
        return (
          rows.length > 0 && (
            <details key={topic} className="topic" open={words.length > 0 || undefined}>
              <summary>
                {topic}{" "}
                <span className="soft">
                  {rows.length}
                  {changed > 0 && `, ${changed} your own`}
                </span>
              </summary>
              <table className="tape house-rules">
                <thead>
                  <tr>
                    <th>what</th>
                    <th>yours</th>
                    <th className="words">house</th>
                    <th className="words">why</th>
                  </tr>
                </thead>
                <tbody>
                  {rows.map((entry) => (
                    <Rule
                      key={entry.key}
                      entry={entry}
                      own={own?.[entry.key]}
                      lengths={entry.unit === "mm" ? onTape(entry.key) : undefined}
                      onChange={props.onChange}
                    />
                  ))}
                </tbody>
              </table>
            </details>
          )
        );
      })}
    </section>
  );
}
