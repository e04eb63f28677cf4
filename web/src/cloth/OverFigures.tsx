import type { Of } from "../api/client";
import { pathOf } from "./pathOf";

/** What hangs, and its sleeves. */
const outlinesOf = (figure: Of<"Figure">) =>
  figure.pieces.filter((each) => each.part === "body" || each.part === "sleeve").map((each) => each.outline);

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
    <figure>
      <svg
        viewBox={`${-half} ${-top} ${2 * half} ${top - bottom}`}
        width="100%"
        className="over-figure"
        role="img"
        aria-label={`Both fittings over each other, ${title}`}
      >
        {outlinesOf(other).map((piece, i) => (
          <path
            key={i}
            d={pathOf(piece, true)}
            fill="var(--thread)"
            fillOpacity=".08"
            stroke="var(--thread)"
            strokeWidth="4"
          />
        ))}
        {outlinesOf(one).map((piece, i) => (
          <path
            key={i}
            d={pathOf(piece, true)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="3"
            strokeDasharray="11 8"
          />
        ))}
      </svg>
      <figcaption className="soft">{title}</figcaption>
    </figure>
  );
}
