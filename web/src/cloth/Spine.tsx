import { memo } from "react";
import type { Of } from "../api/client";

type Seam = Of<"SeamSolution">;

const width = 292;
const height = 500;
/** Half the strip in the middle that carries the tape. */
const tape = 21;
const pad = 18;
/** What the numbers beside the pins need, in centimetres or in fractions of an inch. */
const numbers = { mm: 26, cm: 30, inch: 42 };

/**
 * The seam standing up: a tape in the middle, old stitching to both sides of it, left readings
 * sticking out to the left and right readings to the right, and the evened line down both sides.
 */
export const Spine = memo(function Spine({ seam, unit }: { seam: Seam; unit: Of<"Unit"> }) {
  const depths = seam.pins
    .map((pin) => Math.abs(pin.depth))
    .concat(
      seam.lines.flatMap((line) => ("spine" in line ? line.spine.map((p) => Math.abs(p[1] ?? 0)) : [])),
    );
  const inside = Math.max(...(seam.allowance ?? [0]));
  const reach = Math.max(12, ...depths) * 1.05;
  const margin = numbers[unit];
  const across = (width / 2 - tape - margin) / (reach + Math.min(inside, 30));
  const room = Math.min(inside, 30) * across;
  const y = (station: number) => height - pad - (station / seam.length) * (height - 2 * pad);
  const x = (side: 1 | -1, depth: number) => width / 2 + side * (tape + room + depth * across);
  const sides = seam.evening ? ([-1, 1] as const) : ([1] as const);
  const down = !seam.counts_up;
  // The tape of the session: centimetres labelled by tens, or inches labelled by twos.
  const step = unit === "inch" ? { mm: 25.4, every: 2, label: 1 } : { mm: 50, every: 2, label: 5 };
  const ticks = Array.from({ length: Math.floor(seam.length / step.mm) + 1 }, (_, i) => i);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={`The ${seam.words} as a spine: left readings to the left, right readings to the right`}
      data-testid="spine"
    >
      <rect
        x={width / 2 - tape}
        y="4"
        width={2 * tape}
        height={height - 8}
        fill="var(--pin-soft)"
        stroke="var(--mind)"
      />
      {ticks
        .map((i) => ({ i, at: y(down ? seam.length - i * step.mm : i * step.mm) }))
        .map(({ i, at }) => (
          <g key={i}>
            <line
              x1={width / 2 - tape}
              x2={width / 2 - tape + (i % step.every ? 6 : 12)}
              y1={at}
              y2={at}
              stroke="var(--pin-deep)"
            />
            {i % step.every === 0 && (
              <text x={width / 2 + 5} y={at + 4} fontSize="11" textAnchor="middle" fill="var(--pin-dark)">
                {i * step.label}
              </text>
            )}
          </g>
        ))}
      {sides.map((side) => (
        <g key={side}>
          {room > 0 && (
            <rect
              x={Math.min(x(side, 0), x(side, -Math.min(inside, 30)))}
              y={pad}
              width={room}
              height={height - 2 * pad}
              fill="var(--seam)"
              opacity=".4"
            />
          )}
          <line
            x1={x(side, 0)}
            x2={x(side, 0)}
            y1={pad}
            y2={height - pad}
            stroke="var(--ink)"
            strokeWidth="1.6"
            strokeDasharray="6 4"
          />
        </g>
      ))}
      {seam.band > 0 && seam.seam !== "inseam" && (
        <rect
          x="2"
          y={y(seam.length)}
          width={width - 4}
          height={y(seam.length - seam.band) - y(seam.length)}
          fill="var(--ink)"
          opacity=".07"
        />
      )}
      {seam.lines.map(
        (line) => "spine" in line && <Course key={line.side} line={line} seam={seam} x={x} y={y} />,
      )}
      {seam.pins.map((pin) => {
        const side = pin.side === "left" ? -1 : 1;
        const at = y(pin.station);
        // The number stands clear of the pin and of the line with its band, whichever is further out.
        const clear = Math.max(pin.depth, depthAt(seam, pin) + seam.tolerance);
        return (
          <g key={pin.id}>
            <line
              x1={x(side, 0)}
              x2={x(side, pin.depth)}
              y1={at}
              y2={at}
              stroke="var(--pin-ink)"
              strokeWidth="2"
            />
            <circle cx={x(side, pin.depth)} cy={at} r="4.5" fill="var(--pin)" stroke="var(--pin-ink)" />
            <text
              x={x(side, clear) + side * 8}
              y={at + 4}
              fontSize="12"
              fontWeight="600"
              textAnchor={side < 0 ? "end" : "start"}
              fill="var(--ink)"
            >
              {pin.shown[1]}
            </text>
          </g>
        );
      })}
      <text x="4" y="13" fontSize="12" fill="var(--ink-soft)">
        {seam.evening ? "left" : ""}
      </text>
      <text x={width - 4} y="13" fontSize="12" textAnchor="end" fill="var(--ink-soft)">
        {seam.evening ? "right" : "both halves"}
      </text>
    </svg>
  );
});

/** How deep the line of a pin's side runs at the pin's station; nothing where there is no line. */
function depthAt(seam: Seam, pin: Of<"PinRead">): number {
  const line = seam.lines.find((each) => each.side === pin.side) ?? seam.lines[0];
  if (!line || !("spine" in line)) return 0;
  const [, depth] = line.spine.reduce<number[]>(
    (nearest, point) =>
      Math.abs((point[0] ?? 0) - pin.station) < Math.abs((nearest[0] ?? 0) - pin.station) ? point : nearest,
    [Number.MAX_VALUE, 0],
  );
  return depth ?? 0;
}

function Course(props: {
  line: Of<"SideLine">;
  seam: Seam;
  x: (side: 1 | -1, depth: number) => number;
  y: (station: number) => number;
}) {
  const { line, seam, x, y } = props;
  if (!("spine" in line)) return null;
  const sides =
    line.side === "left"
      ? ([-1] as const)
      : line.side === "right"
        ? ([1] as const)
        : seam.evening
          ? ([-1, 1] as const)
          : ([1] as const);
  const points = line.spine as [number, number][];
  const course = (side: 1 | -1, off: number) => points.map(([s, d]) => `${x(side, d + off)} ${y(s)}`);
  return sides.map((side) => (
    <g key={side}>
      <path
        d={`M${[...course(side, seam.tolerance), ...course(side, -seam.tolerance).reverse()].join("L")}Z`}
        fill="var(--thread)"
        opacity=".13"
      />
      <path
        d={`M${course(side, 0).join("L")}`}
        fill="none"
        stroke="var(--thread)"
        strokeWidth="2.6"
        strokeLinejoin="round"
      />
    </g>
  ));
}
