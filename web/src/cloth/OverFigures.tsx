import type { Of } from "../api/client";
import { pathOf } from "./Silhouette";

/** Two garments over each other: the first dashed, the second drawn in thread. */
export function OverFigures({
  one,
  other,
  title,
}: {
  one: Of<"Figure">;
  other: Of<"Figure">;
  title: string;
}) {
  const half = Math.max(one.half_width, other.half_width) + 24;
  const top = Math.max(one.top, other.top) + 16;
  const bottom = Math.min(one.bottom, other.bottom) - 16;
  return (
    <figure style={{ margin: 0 }}>
      <svg
        viewBox={`${-half} ${-top} ${2 * half} ${top - bottom}`}
        width="100%"
        style={{ maxHeight: 470 }}
        role="img"
        aria-label={`Both fittings over each other, ${title}`}
      >
        {[other.outline, ...other.beside].map((piece, i) => (
          <path
            key={i}
            d={pathOf(piece, true)}
            fill="#a5371f"
            fillOpacity=".08"
            stroke="#a5371f"
            strokeWidth="4"
          />
        ))}
        {[one.outline, ...one.beside].map((piece, i) => (
          <path
            key={i}
            d={pathOf(piece, true)}
            fill="none"
            stroke="#272420"
            strokeWidth="3"
            strokeDasharray="11 8"
          />
        ))}
      </svg>
      <figcaption className="soft" style={{ textAlign: "center" }}>
        {title}
      </figcaption>
    </figure>
  );
}
