import type { Of } from "../api/client";
import { pathOf } from "./Silhouette";

/** The two panels of a leg with old outline and new stitching. */
export function Panels({ drawing, seam }: { drawing: Of<"Drawing">; seam?: Of<"SeamName"> }) {
  const points = drawing.panels.flatMap((panel) => panel.outline);
  const low = (i: 0 | 1) => Math.min(...points.map((p) => p[i] ?? 0));
  const high = (i: 0 | 1) => Math.max(...points.map((p) => p[i] ?? 0));
  const wide = high(0) - low(0) + 46;
  return (
    <svg
      viewBox={`0 0 ${2 * wide} ${high(1) - low(1) + 64}`}
      width="100%"
      style={{ maxHeight: 440 }}
      role="img"
      aria-label="Front and back panel with old and new stitching"
    >
      {drawing.panels.map((panel, i) => (
        <g key={panel.panel} transform={`translate(${i * wide - low(0) + 23} ${high(1) + 44})`}>
          <path
            d={pathOf(panel.outline, true)}
            fill="#fbf8f1"
            stroke="#5d564b"
            strokeWidth="3"
            strokeDasharray="12 8"
          />
          {panel.new_edges.map((edge) => (
            <path
              key={edge.seam + edge.side}
              d={pathOf(edge.points)}
              fill="none"
              stroke="#a5371f"
              strokeWidth={edge.seam === seam ? 8 : 5}
              strokeLinecap="round"
            />
          ))}
          <text x={0} y={-high(1) - 16} fontSize="30" textAnchor="middle" fill="#5d564b">
            {panel.panel}
          </text>
        </g>
      ))}
    </svg>
  );
}
