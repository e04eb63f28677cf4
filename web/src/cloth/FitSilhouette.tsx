import type { Of } from "../api/client";
import { ringTone } from "./FitRing";

type Outline = Of<"Outline">;

/** A silhouette built from the rings: body filled, garment before dashed, garment after drawn. */
export function FitSilhouette(props: {
  silhouette: Of<"Silhouette">;
  rings: Of<"FitRing">[];
  title: string;
  scale: number;
}) {
  const { body, before, after } = props.silhouette;
  const all = [body, before, after].flatMap((each) => [...each.one, ...each.other]);
  const xs = all.map((point) => point[0] ?? 0);
  const ys = all.map((point) => point[1] ?? 0);
  const [left, right] = [Math.min(...xs) - 40, Math.max(...xs) + 40];
  const [low, high] = [Math.min(...ys) - 16, Math.max(...ys) + 16];
  const trunk = props.rings.filter((ring) => ring.tube === "body");
  return (
    <figure className="m-0">
      <svg
        viewBox={`${left} ${-high} ${right - left} ${high - low}`}
        width={(right - left) * props.scale}
        height={(high - low) * props.scale}
        role="img"
        aria-label={`The wearer and the garment ${props.title}`}
      >
        <path d={closed(body)} fill="var(--skin)" stroke="var(--edge)" strokeWidth="2.5" />
        <path
          d={closed(before)}
          fill="none"
          stroke="var(--ink-soft)"
          strokeWidth="2.5"
          strokeDasharray="10 8"
        />
        <path d={closed(after)} fill="var(--chalk)" fillOpacity=".07" stroke="var(--ink)" strokeWidth="4" />
        {trunk.map((ring) => {
          const at = after.one.findIndex((point) => Math.abs((point[1] ?? 0) - ring.height) < 1);
          const [one, other] = [after.one[at], after.other[at]];
          return (
            one &&
            other && (
              <g key={ring.level}>
                {[one, other].map((point, i) => (
                  <circle key={i} cx={point[0]} cy={-(point[1] ?? 0)} r="8" fill={ringTone(ring)} />
                ))}
              </g>
            )
          );
        })}
      </svg>
      <figcaption className="soft align-center">{props.title}</figcaption>
    </figure>
  );
}

/** Both halves of an outline joined, smooth from level to level. */
function closed({ one, other }: Outline): string {
  const up = smooth(one);
  const down = smooth([...other].reverse());
  return `M${up}L${down}Z`;
}

function smooth(points: number[][]): string {
  return points
    .map(([x, y], i) => {
      const before = points[i - 1];
      if (!before) return `${x} ${-(y ?? 0)}`;
      const middle = -((before[1] ?? 0) + (y ?? 0)) / 2;
      return `C${before[0]} ${middle} ${x} ${middle} ${x} ${-(y ?? 0)}`;
    })
    .join("");
}
