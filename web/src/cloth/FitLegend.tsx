import type { Of } from "../api/client";
import { type Which, tones } from "./fitTones";
import { useSaid } from "./useSaid";

/** The tones that are on the picture, tightest first, each with its word and what it means. */
export function FitLegend({ rings, which }: { rings: Of<"FitRing">[]; which: Which }) {
  const shown = useSaid().verdicts.filter(({ name }) => rings.some((ring) => ring.verdicts[which] === name));
  return (
    <ul className="fit-legend" aria-label="Tones">
      {shown.map(({ name, words, means }) => (
        <li key={name}>
          <svg width="16" height="16" aria-hidden="true">
            <rect width="16" height="16" rx="4" fill={tones[name]} />
          </svg>
          <b className={`fit-word ${name}`}>{words}</b> {means}
        </li>
      ))}
      <li>
        <svg width="24" height="16" aria-hidden="true">
          <path d="M0 8H24" stroke="var(--ink-soft)" strokeWidth="2" strokeDasharray="5 4" />
        </svg>
        the other: {which ? "as it came" : "as it will be"}
      </li>
    </ul>
  );
}
