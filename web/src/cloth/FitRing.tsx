import type { Of } from "../api/client";
import { type Which, tones } from "./fitTones";
import { pathOf } from "./pathOf";

/** One level from above, front up, about a point of a larger drawing: the body's section and the garment's loop. */
export function FitRing(props: { ring: Of<"FitRing">; which: Which; at: [number, number]; scale: number }) {
  const { ring, which, at, scale } = props;
  const verdict = ring.verdicts[which];
  const tone = verdict ? tones[verdict] : "var(--ink)";
  const strain = ring.strain[which] ?? 0;
  const [now, other] = which === 0 ? [ring.before, ring.after] : [ring.after, ring.before];
  return (
    <g transform={`translate(${at[0]} ${at[1]}) scale(${scale})`}>
      <path d={pathOf(ring.body, true)} fill="var(--skin)" stroke="var(--edge)" strokeWidth="3" />
      <path
        d={pathOf(other, true)}
        fill="none"
        stroke="var(--ink-soft)"
        strokeWidth="2.5"
        strokeDasharray="9 8"
      />
      <path
        d={pathOf(now, true)}
        fill={tone}
        fillOpacity={strain > 0 ? 0.2 : 0.1}
        stroke={tone}
        strokeWidth={strain > 0 ? 7 + 60 * Math.min(strain, 0.1) : 5}
      />
    </g>
  );
}
