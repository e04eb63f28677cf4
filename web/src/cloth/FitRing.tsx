import type { Of } from "../api/client";
import { pathOf } from "./Silhouette";

/** By what share the garment is too small as it will be. */
const strainOf = (ring: Of<"FitRing">) => ring.strain[1] ?? 0;

/** Tone by what the ease amounts to: warm where it strains, chalk blue where it is slack. */
export function ringTone(ring: Of<"FitRing">): string {
  if (strainOf(ring) > 0 || ring.verdict === "strains") return "var(--thread)";
  if (ring.verdict === "loose" || ring.verdict === "swamps") return "var(--chalk)";
  return "var(--ink)";
}

/** One level from above: the body's section, the garment's loop before and after. Front is up. */
export function FitRing({ ring, scale }: { ring: Of<"FitRing">; scale: number }) {
  const all = [...ring.body, ...ring.before, ...ring.after];
  const half = Math.max(...all.map((point) => Math.abs(point[0] ?? 0))) + 8;
  const deep = Math.max(...all.map((point) => Math.abs(point[1] ?? 0))) + 8;
  const tone = ringTone(ring);
  const strain = strainOf(ring);
  const tautness = strain > 0 ? 5 + 60 * Math.min(strain, 0.1) : 4;
  return (
    <svg
      viewBox={`${-half} ${-deep} ${2 * half} ${2 * deep}`}
      width={2 * half * scale}
      height={2 * deep * scale}
      className="max-all"
      role="img"
      aria-label={`${ring.words} from above: ${ring.said}`}
    >
      <path d={pathOf(ring.body, true)} fill="var(--skin)" stroke="var(--edge)" strokeWidth="2" />
      <path
        d={pathOf(ring.before, true)}
        fill="none"
        stroke="var(--ink-soft)"
        strokeWidth="2"
        strokeDasharray="9 7"
      />
      <path
        d={pathOf(ring.after, true)}
        fill={tone}
        fillOpacity={strain > 0 ? 0.16 : 0.06}
        stroke={tone}
        strokeWidth={tautness}
      />
    </svg>
  );
}
