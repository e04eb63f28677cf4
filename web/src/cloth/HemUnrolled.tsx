import { memo } from "react";
import type { Of } from "../api/client";
import { degreesAlong } from "./turning";

const margin = { left: 10, right: 96, top: 30, bottom: 20 };
/** Labels at the right-hand end keep this far apart. */
const apart = 14;

/**
 * A hem cut at its start and laid out: the edge as it is, the new fold, the cut line, the turn-up as it will
 * lie, panel by panel with what it has too much or too little, seams, readings, and what stands near.
 */
export const HemUnrolled = memo(function HemUnrolled(props: {
  solved: Of<"HemSolution">;
  side: Of<"HemSide">;
  /** Every side that is drawn beside it, so that all stand at one scale. */
  beside: Of<"HemSide">[];
  width: number;
}) {
  const { solved, side } = props;
  const { unrolled } = side;
  const scale = (props.width - margin.left - margin.right) / unrolled.length;
  const fold = unrolled.fold as [number, number][];
  const lining = unrolled.lining as [number, number] | null | undefined;
  // A tuck has two lines of stitching: its lower keeps its height, its upper loses the length.
  const tucked = side.tuck?.above;
  const near = side.collisions.filter(
    (each) => each.kind !== "facing" && (each.after[1] ?? 0) > (each.after[0] ?? 0),
  );
  const top = Math.max(60, ...props.beside.map(highest));
  const bottom = Math.min(-14, ...props.beside.map(lowest));
  // Upright it is drawn at least as large, and larger where a long hem leaves no room to see anything.
  const up = Math.max(scale, 110 / (top - bottom));
  const height = margin.top + margin.bottom + (top - bottom) * up;
  const x = (along: number) => margin.left + along * scale;
  const y = (mm: number) => margin.top + (top - mm) * up;
  const course = (off: number) =>
    `M${fold.map(([u, d]) => `${x(u).toFixed(1)} ${y(d + off).toFixed(1)}`).join("L")}`;
  const at = (along: number) =>
    fold.reduce(
      (nearest, point) => (Math.abs(point[0] - along) < Math.abs(nearest[0] - along) ? point : nearest),
      fold[0] ?? [0, 0],
    )[1];
  const end = at(unrolled.length);
  const labels = spread([
    { words: "edge now", at: y(0), ink: "var(--ink)" },
    ...(tucked == null
      ? [{ words: "new fold", at: y(end), ink: "var(--thread)" }]
      : [
          { words: "upper stitching", at: y(end + tucked), ink: "var(--thread)" },
          { words: "lower stitching", at: y(tucked), ink: "var(--thread)" },
        ]),
    ...(unrolled.allowance == null
      ? []
      : [{ words: "cut", at: y(end - unrolled.allowance), ink: "var(--chalk)" }]),
    ...(lining
      ? [
          { words: "lining ends", at: y(end + lining[0]), ink: "var(--green)" },
          { words: "lining unturned", at: y(end + lining[1]), ink: "var(--green)" },
        ]
      : []),
    ...(unrolled.turned > 0
      ? [{ words: "turn-up", at: y(end + unrolled.turned), ink: "var(--ink-soft)" }]
      : []),
  ]);
  const rows = side.rows;
  const turning = degreesAlong(rows, unrolled.length);
  const along = (degrees: number) => {
    const row = rows.find((each) => Math.abs(each.at - degrees) < 0.6);
    return row?.along ?? fold.find(([u]) => turning(u) >= degrees)?.[0] ?? 0;
  };
  return (
    <svg
      viewBox={`0 0 ${props.width} ${height}`}
      width="100%"
      role="img"
      aria-label={`The ${solved.words} unrolled`}
      data-testid="hem-unrolled"
    >
      <rect
        x={x(0)}
        y={y(0)}
        width={unrolled.length * scale}
        height={unrolled.old_turn_up * up}
        fill="var(--seam)"
        opacity=".35"
      />
      {unrolled.allowance != null && (
        <path
          d={`${course(0)}L${[...fold]
            .reverse()
            .map(([u, d]) => `${x(u).toFixed(1)} ${y(d - (unrolled.allowance ?? 0)).toFixed(1)}`)
            .join("L")}Z`}
          fill="var(--chalk)"
          opacity=".1"
        />
      )}
      {unrolled.turned > 0 &&
        unrolled.panels.map((panel) => (
          <TurnedPanel
            key={panel.from}
            panel={panel}
            x={x}
            y={y}
            at={at}
            turned={unrolled.turned}
            fold={fold}
            lies={side.turn_up?.lies ?? "flat"}
          />
        ))}
      {near.map((each, i) => (
        <Near key={i} each={each} x={x} y={y} along={along} side={side} />
      ))}
      <line
        x1={x(0)}
        x2={x(unrolled.length)}
        y1={y(0)}
        y2={y(0)}
        stroke="var(--ink)"
        strokeWidth="1.6"
        strokeDasharray="7 4"
      />
      {unrolled.allowance != null && (
        <path
          d={course(-unrolled.allowance)}
          fill="none"
          stroke="var(--chalk)"
          strokeWidth="1.6"
          strokeDasharray="2 4"
        />
      )}
      {lining && (
        <>
          <path
            d={`${course(lining[0])}L${[...fold]
              .reverse()
              .map(([u, d]) => `${x(u).toFixed(1)} ${y(d + lining[1]).toFixed(1)}`)
              .join("L")}Z`}
            fill="var(--green)"
            opacity=".13"
          />
          <path
            d={course(lining[0])}
            fill="none"
            stroke="var(--green)"
            strokeWidth="1.4"
            strokeDasharray="10 3 2 3"
          />
          <path
            d={course(lining[1])}
            fill="none"
            stroke="var(--green)"
            strokeWidth="1"
            strokeDasharray="1 3"
          />
        </>
      )}
      {tucked != null && (
        <path
          d={`M${x(0)} ${y(tucked)}L${x(unrolled.length)} ${y(tucked)}`}
          stroke="var(--thread)"
          strokeWidth="1.8"
          strokeDasharray="6 4"
        />
      )}
      <path d={course(tucked ?? 0)} fill="none" stroke="var(--thread)" strokeWidth="2.6" />
      {unrolled.seams.map((seam) => (
        <g key={seam.along}>
          <line
            x1={x(seam.along)}
            x2={x(seam.along)}
            y1={margin.top - 6}
            y2={y(bottom)}
            stroke="var(--ink-soft)"
            opacity=".55"
          />
          <text
            x={Math.min(Math.max(x(seam.along), 34), props.width - 40)}
            y={margin.top - 12}
            fontSize="12"
            textAnchor="middle"
            fill="var(--ink-soft)"
          >
            {seam.words.replace(" seam", "")}
          </text>
        </g>
      ))}
      {rows
        .filter((row) => row.is_reading)
        .map((row) => (
          <circle
            key={row.at}
            cx={x(row.along)}
            cy={y(row.fold + (tucked ?? 0))}
            r="4"
            fill="var(--pin)"
            stroke="var(--pin-ink)"
          />
        ))}
      {labels.map((label) => (
        <text key={label.words} x={x(unrolled.length) + 6} y={label.at + 4} fontSize="12" fill={label.ink}>
          {label.words}
        </text>
      ))}
      {up > 1.15 * scale && (
        <text x={margin.left} y={height - 5} fontSize="11.5" fill="var(--ink-soft)">
          upright {(up / scale).toFixed(1)} times as large as along
        </text>
      )}
    </svg>
  );
});

/** How far up and down a side has something to draw, in millimetres. */
function highest(side: Of<"HemSide">): number {
  const fold = Math.max(...side.unrolled.fold.map((point) => point[1] ?? 0));
  const stands = side.collisions.map((each) => Math.min(140, (each.after[1] ?? 0) + (side.take_up[1] ?? 0)));
  return Math.max(fold + side.unrolled.turned + (side.tuck?.above ?? 0) + 18, ...stands);
}
function lowest(side: Of<"HemSide">): number {
  const cut = (side.take_up[0] ?? 0) - (side.unrolled.allowance ?? 0);
  return -Math.max(side.unrolled.old_turn_up, -cut);
}

/** What lies flat is quiet, what has to be worked is told, what does not lie is loud. */
const inks: Record<Of<"Lies">, string> = {
  flat: "var(--green)",
  ease_in: "var(--mind-ink)",
  splay: "var(--mind-ink)",
  too_full: "var(--thread)",
  too_tight: "var(--thread)",
};

type Label = { words: string; at: number; ink: string };

/** Labels from the top down, none over another. */
function spread(labels: Label[]): Label[] {
  let last = -Infinity;
  return [...labels]
    .sort((one, other) => one.at - other.at)
    .map((label) => {
      last = Math.max(label.at, last + apart);
      return { ...label, at: last };
    });
}

/** One panel of the turn-up as it lies: wider than its cloth where it is too full, narrower where it pinches. */
function TurnedPanel(props: {
  panel: Of<"UnrolledPanel">;
  x: (along: number) => number;
  y: (mm: number) => number;
  at: (along: number) => number;
  turned: number;
  fold: number[][];
  lies: Of<"Lies">;
}) {
  const { lies, panel, x, y, at, turned, fold } = props;
  const [from, to] = [panel.from, panel.to];
  // Along the fold from seam to seam, and back along the raw edge, which is longer or shorter by the excess.
  const inside = fold.map(([u]) => u ?? 0).filter((u) => u > from && u < to);
  const places = [from, ...inside, to];
  const spread = (u: number) => panel.excess * ((u - from) / (to - from) - 0.5);
  const outline = [
    ...places.map((u) => [x(u), y(at(u))]),
    ...[...places].reverse().map((u) => [x(u + spread(u)), y(at(u) + turned)]),
  ];
  const colour = inks[lies];
  const middle = (from + to) / 2;
  return (
    <>
      {panel.shown && (
        <text x={x(middle)} y={y(at(middle) + turned) - 5} fontSize="12" textAnchor="middle" fill={colour}>
          {panel.shown}
        </text>
      )}
      <path
        d={`M${outline.map((point) => point.map((each) => each?.toFixed(1)).join(" ")).join("L")}Z`}
        fill={colour}
        opacity=".16"
        stroke={colour}
        strokeWidth="1"
      />
    </>
  );
}

/** A vent, a pocket, a row of buttons, where it stands. */
function Near(props: {
  each: Of<"Collision">;
  x: (along: number) => number;
  y: (mm: number) => number;
  along: (degrees: number) => number;
  side: Of<"HemSide">;
}) {
  const { each, x, y, along, side } = props;
  const ink = each.state === "clear" ? "var(--ink-soft)" : "var(--thread)";
  const lift = side.take_up[1] ?? 0;
  const [bottom, top] = [(each.after[0] ?? 0) + lift, (each.after[1] ?? 0) + lift];
  // What stands higher than the drawing reaches is told beside it.
  if (y(bottom) < margin.top) return null;
  if (each.kind === "border") {
    return (
      <rect
        x={x(0)}
        width={x(side.unrolled.length) - x(0)}
        y={y(top)}
        height={y(0) - y(top)}
        fill="var(--pin)"
        opacity=".18"
      />
    );
  }
  const centre = x(along(each.at ?? 0));
  const [low, high] = [y(bottom), Math.max(y(top), 26)];
  return (
    <g stroke={ink} fill="none">
      {each.kind === "buttons" ? (
        [low, (low + high) / 2].map((cy) => <circle key={cy} cx={centre + 7} cy={cy} r="4" />)
      ) : each.kind === "pocket" ? (
        <rect x={centre - 16} width="32" y={high} height={Math.max(low - high, 4)} />
      ) : (
        <path d={`M${centre - 5} ${low}L${centre} ${high}L${centre + 5} ${low}`} />
      )}
      <text x={centre + 14} y={low - 4} fontSize="11.5" fill={ink} stroke="none">
        {each.words}
      </text>
    </g>
  );
}
