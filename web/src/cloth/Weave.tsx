import type { Of } from "../api/client";

type Look = Of<"Look">;

/** A cloth's weave or print as an SVG pattern to its true scale, leaning with the grain of the piece it fills. */
export function WeavePattern({
  id,
  look,
  repeat,
  lean,
}: {
  id: string;
  look: Look;
  repeat: number;
  lean: number;
}) {
  const drawn = motif(look, repeat);
  if (!drawn) return null;
  const { width = repeat, height = repeat, marks } = drawn;
  return (
    <pattern
      id={id}
      patternUnits="userSpaceOnUse"
      width={width}
      height={height}
      x={-width / 2}
      patternTransform={lean ? `rotate(${lean})` : undefined}
    >
      {marks}
    </pattern>
  );
}

/** A border print, as high as it is, standing on its edge. */
export function BorderPattern({
  id,
  colour,
  height: h,
  bottom,
}: {
  id: string;
  colour: string;
  height: number;
  bottom: number;
}) {
  return (
    <pattern
      id={id}
      patternUnits="userSpaceOnUse"
      width={h * 0.6}
      height={h}
      x={-h * 0.3}
      y={-bottom - h}
      fill={colour}
      stroke={colour}
    >
      <path d={`M0 ${h * 0.08}H${h}M0 ${h * 0.9}H${h}`} strokeWidth={h * 0.03} />
      <path
        stroke="none"
        d={`M${h * 0.3} ${h * 0.2}q${h * 0.16} ${h * 0.16} 0 ${h * 0.32}q${-h * 0.16} ${-h * 0.16} 0 ${-h * 0.32}zM${h * 0.3} ${h * 0.82}q${h * 0.03} ${-h * 0.2} ${h * 0.22} ${-h * 0.24}q${-h * 0.04} ${h * 0.2} ${-h * 0.22} ${h * 0.24}zM${h * 0.3} ${h * 0.82}q${-h * 0.03} ${-h * 0.2} ${-h * 0.22} ${-h * 0.24}q${h * 0.04} ${h * 0.2} ${h * 0.22} ${h * 0.24}z`}
      />
    </pattern>
  );
}

type Motif = { width?: number; height?: number; marks: React.ReactNode };

/** One repeat of a weave; nothing where none shows. Marks in the second colour, or in a shade of the ground. */
function motif(look: Look, r: number): Motif | null {
  const ink = look.second
    ? { fill: look.second, stroke: look.second }
    : { className: "woven-shade", fill: "currentColor", stroke: "currentColor" };
  const line = { fill: "none" };
  switch (look.weave) {
    case "twill":
    case "denim":
      return {
        marks: (
          <path
            {...ink}
            {...line}
            d={`M0 ${r}L${r} 0M${-r / 4} ${r / 4}L${r / 4} ${-r / 4}M${0.75 * r} ${1.25 * r}L${1.25 * r} ${0.75 * r}`}
            strokeWidth={r * (look.weave === "denim" ? 0.2 : 0.24)}
            strokeOpacity={look.second ? 0.5 : undefined}
          />
        ),
      };
    case "corduroy":
      return { marks: <rect {...ink} stroke="none" x={r * 0.36} width={r * 0.28} height={r} /> };
    case "rib":
      return { marks: <rect {...ink} stroke="none" x={r * 0.4} width={r * 0.2} height={r} /> };
    case "herringbone":
      return {
        width: 2 * r,
        height: r / 2,
        marks: (
          <path
            {...ink}
            {...line}
            d={`M0 ${r / 2}L${r} 0L${2 * r} ${r / 2}M0 0L${r} ${-r / 2}M0 ${r}L${r} ${r / 2}L${2 * r} ${r}`}
            strokeWidth={r * 0.12}
          />
        ),
      };
    case "stripe":
      return { marks: <rect {...ink} stroke="none" x={r / 4} width={r / 2} height={r} /> };
    case "pinstripe":
      return {
        marks: (
          <rect {...ink} stroke="none" x={r / 2 - r * 0.04} width={Math.max(1.2, r * 0.08)} height={r} />
        ),
      };
    case "hoops":
      return { marks: <rect {...ink} stroke="none" y={r * 0.3} width={r} height={r * 0.4} /> };
    case "check":
      return {
        marks: (
          <>
            <rect {...ink} stroke="none" fillOpacity={0.55} x={r * 0.28} width={r * 0.44} height={r} />
            <rect {...ink} stroke="none" fillOpacity={0.55} y={r * 0.28} width={r} height={r * 0.44} />
            <path
              {...ink}
              {...line}
              strokeOpacity={0.7}
              d={`M${r * 0.02} 0V${r}M0 ${r * 0.02}H${r}`}
              strokeWidth={r * 0.05}
            />
          </>
        ),
      };
    case "dots":
      return {
        marks: (
          <>
            <circle {...ink} stroke="none" cx={r / 2} cy={r / 4} r={r * 0.14} />
            <circle {...ink} stroke="none" cx={0} cy={r * 0.75} r={r * 0.14} />
            <circle {...ink} stroke="none" cx={r} cy={r * 0.75} r={r * 0.14} />
          </>
        ),
      };
    case "floral":
      return {
        marks: [
          [0.5, 0.27, 0],
          [0.02, 0.77, 40],
          [1.02, 0.77, 40],
        ].map(([x = 0, y = 0, turn = 0]) => (
          <g key={x} transform={`translate(${x * r} ${y * r}) rotate(${turn}) scale(${r})`}>
            <path
              {...ink}
              {...line}
              strokeOpacity={0.6}
              d="M0 0q.05 .13 -.03 .24M0 .12q.09 -.01 .12 -.08"
              strokeWidth={0.02}
            />
            {[0, 72, 144, 216, 288].map((angle) => (
              <ellipse
                key={angle}
                {...ink}
                stroke="none"
                cy={-0.075}
                rx={0.05}
                ry={0.075}
                transform={`rotate(${angle})`}
              />
            ))}
            <circle r={0.034} fill={look.colour} />
          </g>
        )),
      };
    default:
      return null;
  }
}
