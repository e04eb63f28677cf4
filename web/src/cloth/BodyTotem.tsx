import type { MeasureName } from "../api/client";

/** Where each girth lies, down a body 1000 tall, and how wide it is seen for its girth. */
const rings: { name: MeasureName; label: string; y: number; share: number; leg?: boolean }[] = [
  { name: "bust", label: "bust", y: -112, share: 0.36 },
  { name: "under_bust", label: "under-bust", y: -48, share: 0.36 },
  { name: "waist", label: "waist", y: 60, share: 0.365 },
  { name: "high_hip", label: "high hip", y: 160, share: 0.37 },
  { name: "hip", label: "hip", y: 255, share: 0.37 },
  { name: "thigh", label: "thigh", y: 360, share: 0.29, leg: true },
  { name: "knee", label: "knee", y: 600, share: 0.31, leg: true },
  { name: "calf", label: "calf", y: 730, share: 0.31, leg: true },
];

/** The girths taken, as tapes round a standing figure drawn from them. */
export function BodyTotem({
  measures,
  shown,
}: {
  measures: Partial<Record<string, number>>;
  shown: Record<string, string>;
}) {
  const usual: Record<string, number> = {
    bust: 960,
    under_bust: 840,
    waist: 780,
    high_hip: 920,
    hip: 1000,
    thigh: 570,
    knee: 380,
    calf: 365,
  };
  const width = (ring: (typeof rings)[number]) =>
    (measures[ring.name] ?? usual[ring.name] ?? 400) * ring.share;
  const thigh = width({ name: "thigh", label: "", y: 0, share: 0.29 });
  const axis = 5 + thigh / 2;
  const side = (ring: (typeof rings)[number]) => (ring.leg ? axis + width(ring) / 2 : width(ring) / 2);
  const shoulder = (measures.shoulder ?? 400) / 2;
  const outer: [number, number][] = [
    [34, -330],
    [38, -272],
    [shoulder, -250],
    [shoulder * 1.02, -205],
    [side(rings[0]!) * 0.94, -160],
    ...rings.map((ring): [number, number] => [side(ring), ring.y]),
    [axis + 36, 890],
    [axis + 52, 945],
    [axis + 58, 960],
  ];
  const inner: [number, number][] = [
    [4, 300],
    ...rings
      .filter((ring) => ring.leg)
      .map((ring): [number, number] => [Math.max(axis - width(ring) / 2, 3), ring.y]),
    [axis - 36, 890],
    [axis - 40, 960],
  ];
  const smooth = (points: [number, number][], sign: number) =>
    points.map(([x, y], i) => {
      const before = points[i - 1];
      if (!before) return `${sign * x} ${y}`;
      const middle = (before[1] + y) / 2;
      return `C${sign * before[0]} ${middle} ${sign * x} ${middle} ${sign * x} ${y}`;
    });
  const leg = (sign: number) =>
    `M${smooth(outer, sign).join(" ")} L${smooth([...inner].reverse(), sign).join(" ")} L0 296 L0 -330Z`;
  // The edge of the body without the middle, where both halves meet.
  const edge = (sign: number) =>
    `M0 -330 L${smooth(outer, sign).join(" ")} L${smooth([...inner].reverse(), sign).join(" ")} L0 296`;
  return (
    <svg
      viewBox="-225 -345 610 1325"
      width="100%"
      role="img"
      aria-label="The girths taken, on a standing figure"
    >
      {[1, -1].map((sign) => (
        <g key={sign}>
          <path d={leg(sign)} fill="var(--skin)" stroke="var(--skin)" strokeWidth="1" />
          <path d={edge(sign)} fill="none" stroke="var(--edge)" strokeWidth="2" />
        </g>
      ))}
      {rings.map((ring) => {
        const known = measures[ring.name] !== undefined;
        const half = width(ring) / 2;
        const middle = ring.leg ? axis : 0;
        return (
          <g key={ring.name}>
            <path
              d={`M${middle - half} ${ring.y}Q${middle} ${ring.y + 26} ${middle + half} ${ring.y}`}
              fill="none"
              stroke={known ? "var(--pin)" : "var(--edge)"}
              strokeWidth={known ? 9 : 2}
              strokeDasharray={known ? undefined : "6 7"}
            />
            <text
              x={middle + half + 12}
              y={ring.y + 8}
              fontSize="25"
              fill={known ? "var(--ink)" : "var(--ink-soft)"}
              fontWeight={known ? 600 : 400}
            >
              {known ? `${ring.label} ${shown[ring.name] ?? ""}` : `${ring.label}?`}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
