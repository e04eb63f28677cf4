import type { Of } from "../api/client";
import { degreesAlong } from "./turning";
import "./cloth.css";

const size = 396;
const middle = size / 2;
/** Radius of the edge as it is, and how far in or out a move may be drawn. */
const edge = 122;
const room = 44;
/** What opens in front has its two ends this far apart, in degrees, so that both can be touched. */
const gap = 32;

type Spot = Of<"HemPlace">["spots"][number];

/**
 * A hem seen from above, the feet in its middle: the edge as it is, the fold as it will be drawn inward
 * where it goes up, and a place to touch for every reading. The front is at the bottom, where the wearer
 * looks.
 */
export function HemRing(props: {
  place: Of<"HemPlace">;
  solved: Of<"HemSolution"> | undefined;
  side: Of<"Side">;
  at: number;
  onPick: (at: number) => void;
}) {
  const { place, solved, side, at } = props;
  const drawn =
    solved?.sides.find((each) => each.side === side || each.side === "centre") ?? solved?.sides[0];
  // The front is at the bottom. A skirt is read from the centre front over the left; a leg or sleeve from its
  // inner seam over the front, the right one being the left one in a glass.
  const spread = place.open ? (360 - gap) / 360 : 1;
  const begins = place.open ? gap / 2 : 0;
  const onScreen = (degrees: number) =>
    side === "centre" ? 90 - begins - degrees * spread : side === "left" ? 180 - degrees : degrees;
  /** The place a direction on the screen points to, to the nearest five degrees. */
  const degreesAt = (screen: number) => {
    const turned = side === "centre" ? 90 - screen : side === "left" ? 180 - screen : screen;
    const round = ((turned % 360) + 360) % 360;
    const degrees = Math.round((round - begins) / spread / 5) * 5;
    return place.open ? Math.min(360, Math.max(0, degrees)) : degrees % 360;
  };
  const where = (degrees: number, radius: number): [number, number] => {
    const turn = (onScreen(degrees) * Math.PI) / 180;
    return [middle + radius * Math.cos(turn), middle + radius * Math.sin(turn)];
  };
  const reading = (spot: Spot) =>
    solved?.readings.filter((each) => each.side === side && Math.abs(each.at - spot.at) < 0.5).at(-1);
  const extra = solved?.readings.filter(
    (each) => each.side === side && !place.spots.some((spot) => Math.abs(spot.at - each.at) < 0.5),
  );
  const most = Math.max(20, ...(drawn?.unrolled.fold.map((point) => Math.abs(point[1] ?? 0)) ?? []));
  const degrees = drawn && degreesAlong(drawn.rows, drawn.unrolled.length);
  const fold =
    drawn && degrees && drawn.rows.length > 0
      ? drawn.unrolled.fold.map(([u, up]) => where(degrees(u ?? 0), edge - (room * (up ?? 0)) / most))
      : [];
  const ring = Array.from({ length: 73 }, (_, i) => where(5 * i, edge));
  const path = (points: [number, number][]) =>
    `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join("L")}${place.open ? "" : "Z"}`;
  return (
    <svg
      viewBox={`0 0 ${size} ${size}`}
      className="hem-ring"
      role="group"
      aria-label={`The ${place.words} seen from above`}
      data-testid="hem-ring"
    >
      <Feet hem={place.hem} paired={place.paired} />
      <path d={path(ring)} fill="none" stroke="var(--ink-soft)" strokeWidth="2" strokeDasharray="7 5" />
      <path
        d={path(ring)}
        className="hem-anywhere"
        fill="none"
        stroke="transparent"
        strokeWidth="34"
        onClick={(event) => {
          const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
          if (!box) return;
          const turn = Math.atan2(
            event.clientY - box.top - box.height / 2,
            event.clientX - box.left - box.width / 2,
          );
          props.onPick(degreesAt((turn * 180) / Math.PI));
        }}
      />
      {fold.length > 0 && <path d={path(fold)} fill="none" stroke="var(--thread)" strokeWidth="3" />}
      {place.spots.map((spot) => {
        const [x, y] = where(spot.at, edge);
        const [tx, ty] = where(spot.at, edge + 42);
        const read = reading(spot);
        const picked = Math.abs(spot.at - at) < 0.5;
        return (
          <g key={spot.at}>
            <g
              role="button"
              tabIndex={0}
              aria-pressed={picked}
              aria-label={`${spot.words}${read ? `, ${read.shown}` : ", not read"}`}
              className="hem-spot"
              onClick={() => props.onPick(spot.at)}
              onKeyDown={(event) => {
                if (event.key === "Enter" || event.key === " ") {
                  event.preventDefault();
                  props.onPick(spot.at);
                }
              }}
            >
              <circle cx={x} cy={y} r="24" fill="transparent" />
              <circle
                cx={x}
                cy={y}
                r={picked ? 12 : 9}
                fill={read ? "var(--pin)" : "var(--cloth-raised)"}
                stroke={picked ? "var(--ink)" : "var(--pin-ink)"}
                strokeWidth={picked ? 3.5 : 1.8}
              />
            </g>
            <text aria-hidden="true" x={tx} y={ty} fontSize="16" textAnchor="middle" fill="var(--ink-soft)">
              {spot.words.split(" ").map((word, i, all) => (
                <tspan key={word} x={tx} dy={i === 0 ? (all.length > 1 ? -8 : 0) : 15}>
                  {word}
                </tspan>
              ))}
              {read && (
                <tspan x={tx} dy="18" fontWeight="700" fontSize="18" fill="var(--ink)">
                  {read.shown}
                </tspan>
              )}
            </text>
          </g>
        );
      })}
      {!place.spots.some((spot) => Math.abs(spot.at - at) < 0.5) && (
        <circle
          cx={where(at, edge)[0]}
          cy={where(at, edge)[1]}
          r="12"
          fill="var(--cloth-raised)"
          stroke="var(--ink)"
          strokeWidth="3.5"
        />
      )}
      {extra?.map((each) => {
        const [x, y] = where(each.at, edge);
        return <circle key={each.id} cx={x} cy={y} r="6" fill="var(--pin)" stroke="var(--pin-ink)" />;
      })}
    </svg>
  );
}

/** Soles from above, or a wrist: so that nobody has to think which way is the front. */
function Feet({ hem, paired }: { hem: Of<"HemName">; paired: boolean }) {
  if (hem === "sleeve") {
    return (
      <ellipse
        cx={middle}
        cy={middle}
        rx="34"
        ry="26"
        fill="var(--cloth-deep)"
        stroke="var(--seam)"
        strokeWidth="2"
      />
    );
  }
  const sole =
    "M-13 -42C-22 -30 -20 -6 -15 10C-12 22 -16 34 -10 44C-4 52 8 52 13 42C18 30 18 8 18 -10C18 -32 0 -58 -13 -42Z";
  const feet = paired ? [0] : [-27, 27];
  return feet.map((dx) => (
    <path
      key={dx}
      d={sole}
      transform={`translate(${middle + dx} ${middle}) ${dx < 0 ? "" : "scale(-1 1)"} rotate(180)`}
      fill="var(--cloth-deep)"
      stroke="var(--seam)"
      strokeWidth="2"
    />
  ));
}
