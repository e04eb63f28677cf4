import type { ReactNode } from "react";
import type { Tape, TapeRow } from "./laidOut";
import { pathOf } from "../cloth/pathOf";
import "./tapes.css";

/** How wide the picture is beside its rows, as the styles have it. */
const wide = 396;

/** Something drawn with the tape on it: the one in hand lit, the others faint, each led to its field beside the drawing. */
export function TapeDrawing({
  size,
  title,
  tapes,
  inHand,
  laid,
  rows,
  tall,
  onTape,
  children,
}: {
  /** How far it reaches, in millimetres. */
  size: { top: number; bottom: number; half_width: number };
  title: string;
  tapes: Tape[];
  inHand: string | null;
  laid: TapeRow[];
  /** Rows of fields beside it. */
  rows: number;
  /** How high it is for that width, as the styles have it. */
  tall: number;
  onTape: (name: string) => void;
  /** What is drawn, in millimetres. */
  children: ReactNode;
}) {
  // The picture is as high as the rows beside it, and its sides reach to the fields.
  const scale = Math.max((1.06 * (size.top - size.bottom)) / tall, (2.1 * size.half_width) / wide);
  const [half, high] = [(wide * scale) / 2, tall * scale];
  const above = -(size.top + size.bottom) / 2 - high / 2;
  const heightOf = (row: number) => above + ((row - 0.5) / rows) * high;
  return (
    <figure className="tape-drawing">
      <svg viewBox={`${-half} ${above} ${2 * half} ${high}`} role="img" aria-label={title}>
        {children}
        {tapes.map((tape) => {
          const lit = tape.name === inHand;
          const place = laid.find((each) => each.name === tape.name);
          const side = place?.column === "left" ? -1 : 1;
          const end = outermost(tape.points, side);
          return (
            <g key={tape.name} className={lit ? "tape lit" : "tape"} data-tape={tape.name}>
              {place && end && (
                <path
                  className="leader"
                  d={`M${end[0]} ${-(end[1] ?? 0)}L${side * half} ${heightOf(place.row)}`}
                />
              )}
              <path className="under" d={pathOf(tape.points)} />
              <path className="over" d={pathOf(tape.points)} />
              <path
                className="touchable tape-touch"
                d={pathOf(tape.points)}
                onClick={() => onTape(tape.name)}
              />
            </g>
          );
        })}
      </svg>
    </figure>
  );
}

/** The point of a course that lies farthest to one side. */
const outermost = (points: number[][], side: number) =>
  points.reduce<number[] | undefined>(
    (best, point) => (best === undefined || side * (point[0] ?? 0) > side * (best[0] ?? 0) ? point : best),
    undefined,
  );
