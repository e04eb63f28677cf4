import type { Of } from "../api/client";

type Figure = Of<"Figure">;

/** Points in millimetres, `y` upward, as an SVG path with `y` downward. */
export function pathOf(points: number[][], closed = false): string {
  return points.map(([x, y], i) => `${i ? "L" : "M"}${x} ${-(y ?? 0)}`).join("") + (closed ? "Z" : "");
}

/** Seams that show on a small silhouette. */
const drawn: Of<"SeamName">[] = ["centre_front", "waist_seam", "princess_front"];

/** A garment's outline by itself, to a given height or scale. */
export function Silhouette({
  figure,
  height,
  scale,
  all = false,
}: {
  figure: Figure;
  height?: number;
  scale?: number;
  /** Every seam is drawn, not only those that tell kinds apart. */
  all?: boolean;
}) {
  const { half_width: half, top, bottom } = figure;
  const pad = 8;
  const box = { w: 2 * half + 2 * pad, h: top - bottom + 2 * pad };
  const px = scale ?? (height ?? 100) / box.h;
  return (
    <svg
      width={box.w * px}
      height={box.h * px}
      viewBox={`${-half - pad} ${-top - pad} ${box.w} ${box.h}`}
      aria-hidden="true"
    >
      {figure.beside.map((piece, i) => (
        <path
          key={i}
          d={pathOf(piece, true)}
          fill="var(--cloth-shade)"
          stroke="var(--ink)"
          strokeWidth={1.4 / px}
          strokeLinejoin="round"
        />
      ))}
      <path
        d={pathOf(figure.outline, true)}
        fill="var(--cloth-fold)"
        stroke="var(--ink)"
        strokeWidth={1.4 / px}
        strokeLinejoin="round"
      />
      {figure.seams
        .filter((seam) => !seam.absent && (all || drawn.includes(seam.seam)))
        .map((seam) => (
          <path
            key={seam.seam + seam.side}
            d={pathOf(seam.points)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={0.9 / px}
            strokeDasharray={`${3 / px} ${2.5 / px}`}
          />
        ))}
    </svg>
  );
}
