import type { Of } from "../api/client";
import { type Which, tones } from "./fitTones";

/** The tones that are on the picture, tightest first, each with its word and what it means. */
export function FitLegend({ rings, which }: { rings: Of<"FitRing">[]; which: Which }) {
  const shown = Object.entries(tones).filter(([verdict]) =>
    rings.some((ring) => ring.verdicts[which] === verdict),
  );
  return (
    <ul className="fit-legend" aria-label="Tones">
      {shown.map(([verdict, { tone, words, means }]) => (
        <li key={verdict}>
          <svg width="16" height="16" aria-hidden="true">
            <rect width="16" height="16" rx="4" fill={tone} />
          </svg>
          <b className={`fit-word ${verdict}`}>{words}</b> {means}
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
