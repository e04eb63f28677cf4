import type { Of } from "../api/client";
import "./sums.css";

/** Pixels it may take. */
const wide = 372;
const high = 190;
const text = 13;

/** The small drawing of an answer, to scale; words keep their size. */
export function SumDrawing({ drawing, of }: { drawing: Of<"SumDrawing">; of: string }) {
  const points = drawing.lines.flatMap((line) => line.points.map(([x = 0, y = 0]) => [x, y] as const));
  if (points.length === 0) return null;
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const perMm = Math.min(wide / (right - left), high / Math.max(bottom - top, 1));
  const size = text / perMm;
  const rim = 4 / perMm;
  const box = {
    x: (left + right) / 2 - (wide / 2 + 4) / perMm,
    y: top - 1.6 * size,
    w: (wide + 8) / perMm,
    h: bottom - top + 3.2 * size,
  };
  /** Words near either end begin or end there, so that none leaves the drawing. */
  const anchor = (x: number) => {
    const share = (x - left) / (right - left);
    return share < 0.2 ? "start" : share > 0.8 ? "end" : "middle";
  };
  return (
    <svg
      className="sum-drawing"
      viewBox={`${box.x} ${box.y} ${box.w} ${box.h}`}
      role="img"
      aria-label={`Drawing: ${of}`}
    >
      {drawing.lines.map((line, i) => (
        <path
          key={i}
          className={line.is}
          d={`M${line.points.map((point) => point.join(" ")).join("L")}${line.closed ? "Z" : ""}`}
        />
      ))}
      {drawing.labels.map(({ at: [x = 0, y = 0], words, below }, i) => (
        <text key={i} x={x} y={below ? y + size : y - rim} fontSize={size} textAnchor={anchor(x)}>
          {words}
        </text>
      ))}
    </svg>
  );
}
