import type { Of } from "../api/client";
import { Drawn } from "./Drawn";
import { pathOf } from "./pathOf";
import "./drawn.css";

/** Where on the garment something is done: its face, from outside or inside, the seams or the hem lit. */
export function PlaceOnGarment({
  front,
  back,
  look,
  place,
}: {
  front: Of<"Figure">;
  back: Of<"Figure">;
  look?: Of<"Look"> | null | undefined;
  place: Of<"StepPlace">;
}) {
  const { behind } = place;
  const figure = behind ? back : front;
  const pad = 14;
  const [half, high] = [figure.half_width + pad, figure.top - figure.bottom + 2 * pad];
  const lit = figure.seams.filter((each) => place.seams.includes(each.seam));
  const where = `${behind ? "back" : "front"}${place.inside ? ", worked from the inside" : ""}`;
  return (
    <figure className="place-on-garment">
      <svg
        viewBox={`${-half} ${-figure.top - pad} ${2 * half} ${high}`}
        role="img"
        aria-label={`Where it is done: ${where}`}
      >
        <g className={place.inside ? "turned-out" : undefined}>
          <Drawn figure={figure} look={place.inside ? null : look} perMm={0.3} />
        </g>
        {lit.map((each) => (
          <path key={each.seam + each.side} d={pathOf(each.points)} className="lit-seam" />
        ))}
        {place.hem && <HemLit figure={figure} hem={place.hem} />}
      </svg>
      <figcaption className="soft">{where}</figcaption>
    </figure>
  );
}

/** The lower edge of what a hem ends, lit. */
function HemLit({ figure, hem }: { figure: Of<"Figure">; hem: Of<"HemName"> }) {
  const part = hem === "hem" ? "body" : "sleeve";
  const edges = figure.pieces
    .filter((piece) => piece.part === part)
    .flatMap((piece) => {
      const lowest = Math.min(...piece.outline.map(([, y]) => y ?? 0));
      // A sleeve leans: its hem is what lies within its slope of its lowest point.
      const reach = part === "sleeve" ? 130 * Math.abs(Math.sin((piece.lean * Math.PI) / 180)) + 12 : 2;
      const closed = [...piece.outline, ...piece.outline.slice(0, 1)];
      return closed.slice(1).flatMap((to, i) => {
        const from = closed[i];
        const low = (point: number[] | undefined) => point !== undefined && (point[1] ?? 0) <= lowest + reach;
        const flat = Math.abs((to[0] ?? 0) - (from?.[0] ?? 0)) >= Math.abs((to[1] ?? 0) - (from?.[1] ?? 0));
        return from && low(from) && low(to) && flat ? [[from, to]] : [];
      });
    });
  return (
    <>
      {edges.map((points, i) => (
        <path key={i} d={pathOf(points)} className="lit-seam" />
      ))}
    </>
  );
}
