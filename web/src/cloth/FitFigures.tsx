import { type SVGProps, useId } from "react";
import type { Of } from "../api/client";
import { type Which, tones } from "./fitTones";
import { pathOf } from "./pathOf";

type View = Of<"FitView">;
type Ring = Of<"FitRing">;

/** Air round the figures, in millimetres. */
const AIR = 40;

/** How a height is laid down the picture: so many pixels a millimetre, from the highest point down. */
export type Upright = { top: number; scale: number; height: number };

/** The wearer and the garment whole, from the front and from the side, toned by what the ease amounts to. */
export function FitFigures(props: {
  views: { view: View; words: string; aside: boolean }[];
  rings: Ring[];
  which: Which;
  upright: Upright;
}) {
  const { views, rings, which, upright } = props;
  const { placed, right } = sideBySide(views);
  const width = (right + AIR) * upright.scale;
  return (
    <svg
      className="fit-figures"
      viewBox={`0 0 ${width} ${upright.height}`}
      width={width}
      height={upright.height}
      role="img"
      aria-label={`The wearer and the garment ${views.map(({ words }) => words).join(" and ")}, ${which ? "as it will be" : "as it came"}`}
    >
      <g transform={`scale(${upright.scale}) translate(0 ${upright.top})`}>
        {rings.map((ring) => {
          const from = placed.at(-1);
          const course = from?.aside ? ring.aside : ring.front;
          const end = course.at(-1);
          if (!from || !end) return null;
          return (
            <path
              key={ring.level + (ring.side ?? "")}
              className="fit-leader"
              d={`M${(end[0] ?? 0) + from.dx} ${-(end[1] ?? 0)}L${right + AIR} ${-ring.height}`}
            />
          );
        })}
        {placed.map((each) => (
          <FitFigure key={each.words} {...each} rings={rings} which={which} />
        ))}
      </g>
    </svg>
  );
}

/** Views beside one another, with air between them, and how far they reach. */
function sideBySide<Shown extends { view: View }>(views: Shown[]) {
  let right = 0;
  const placed = views.map((each) => {
    const [from = 0, to = 0] = each.view.across;
    const dx = right + AIR - from;
    right = dx + to;
    return { ...each, dx };
  });
  return { placed, right };
}

function FitFigure(props: { view: View; aside: boolean; dx: number; rings: Ring[]; which: Which }) {
  const { view, aside, dx, rings, which } = props;
  const id = useId();
  const [now, other] = which === 0 ? [view.before, view.after] : [view.after, view.before];
  const toned = rings.filter((ring) => ring.side !== "right");
  return (
    <g transform={`translate(${dx} 0)`}>
      <Tones id={`${id}trunk`} rings={toned.filter((ring) => ring.tube !== "sleeve")} which={which} />
      <Tones id={`${id}sleeve`} rings={toned.filter((ring) => ring.tube === "sleeve")} which={which} />
      <Pieces pieces={view.body} fill="var(--skin)" stroke="var(--edge)" strokeWidth="3" />
      {now.map((piece, i) => (
        <path
          key={i}
          d={pathOf(piece.outline, true)}
          fill={`url(#${id}${piece.part === "sleeve" ? "sleeve" : "trunk"})`}
          stroke="var(--ink)"
          strokeWidth="5"
          strokeLinejoin="round"
        />
      ))}
      <Pieces pieces={other} fill="none" stroke="var(--ink-soft)" strokeWidth="3" strokeDasharray="12 10" />
      {rings.map((ring) => (
        <path
          key={ring.level + (ring.side ?? "")}
          d={pathOf(aside ? ring.aside : ring.front)}
          fill="none"
          stroke={toneOf(ring, which)}
          strokeWidth="6"
        />
      ))}
    </g>
  );
}

/** Pieces that are all painted alike. */
function Pieces({ pieces, ...paint }: { pieces: Of<"FigurePiece">[] } & SVGProps<SVGPathElement>) {
  return pieces.map((piece, i) => <path key={i} d={pathOf(piece.outline, true)} {...paint} />);
}

/** The tone of a level. */
function toneOf(ring: Ring, which: Which): string {
  const verdict = ring.verdicts[which];
  return verdict ? tones[verdict] : "var(--ink)";
}

/** Tones running into one another down the levels; nothing is toned where nothing is judged. */
function Tones({ id, rings, which }: { id: string; rings: Ring[]; which: Which }) {
  const [first, last] = [rings[0], rings.at(-1)];
  if (!first || !last) return null;
  const tall = Math.max(first.height - last.height, 1);
  return (
    <linearGradient
      id={id}
      gradientUnits="userSpaceOnUse"
      x1="0"
      x2="0"
      y1={-first.height}
      y2={-first.height + tall}
    >
      {rings.map((ring) => (
        <stop
          key={ring.level}
          offset={(first.height - ring.height) / tall}
          stopColor={toneOf(ring, which)}
          stopOpacity={ring.verdicts[which] ? 0.3 : 0}
        />
      ))}
    </linearGradient>
  );
}
