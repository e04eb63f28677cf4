import "./door.css";

/** Pins as they were found beside the old stitching, up a side seam. */
const pins = [
  [196, 318],
  [182, 270],
  [164, 222],
  [150, 176],
  [148, 132],
  [160, 88],
  [176, 52],
] as const;

/** What happens here, in one small drawing that moves once: pins are read, and become a line. */
export function PinsBecomeALine() {
  return (
    <svg
      viewBox="0 0 420 372"
      className="pins-become"
      role="img"
      aria-label="Pins up a seam become one smooth line"
    >
      <path className="door-cloth" d="M40 24H214C208 96 206 152 208 206C210 262 216 304 222 350H40Z" />
      <path className="old-stitching" d="M214 24C208 96 206 152 208 206C210 262 216 304 222 350" />
      <path
        className="new-line"
        pathLength={1}
        d="M214 26C196 36 178 46 168 66C150 100 146 130 149 168C152 204 166 226 178 262C190 296 206 326 222 350"
      />
      {pins.map(([x, y], i) => (
        <g key={y} className={`door-pin pin-${i + 1}`}>
          <path d={`M${x} ${y}h30`} />
          <circle cx={x + 32} cy={y} r="5" />
        </g>
      ))}
      <g className="door-words-drawn">
        <text x="252" y="58">
          24 of waist go
        </text>
        <text x="252" y="182">
          left and right, one line
        </text>
        <text x="252" y="318">
          rejoins without a corner
        </text>
      </g>
    </svg>
  );
}
