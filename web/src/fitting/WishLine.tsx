import type { Of } from "../api/client";
import "./fitting.css";

/** The wish, where it is looked at again: nothing where none was said. */
export function WishLine({ wish }: { wish?: Of<"Wish"> | undefined }) {
  const said: [string, string][] = [
    ["Wished", wish?.change ?? ""],
    ["Stays", wish?.stays ?? ""],
    ["Worn with", wish?.worn_with ?? ""],
    ["For", wish?.occasion ?? ""],
  ];
  const some = said.filter(([, words]) => words.trim());
  if (some.length === 0) return null;
  return (
    <dl className="wish-line" aria-label="The wish">
      {some.map(([name, words]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{words}</dd>
        </div>
      ))}
    </dl>
  );
}
