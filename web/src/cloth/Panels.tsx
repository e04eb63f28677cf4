import { memo } from "react";
import type { Of } from "../api/client";
import { pathOf } from "./pathOf";

type PanelDrawing = Of<"PanelDrawing">;

const gap = 46;

/** The panels of one half with old outline and new stitching, side by side at one scale. */
export const Panels = memo(function Panels({
  panels,
  seam,
  maxHeight = 440,
}: {
  panels: PanelDrawing[];
  seam?: Of<"SeamName">;
  maxHeight?: number;
}) {
  const reach = (panel: PanelDrawing, i: 0 | 1) => {
    const all = panel.outline.map((point) => point[i] ?? 0);
    return [Math.min(...all), Math.max(...all)] as const;
  };
  let along = gap / 2;
  const laid = panels.map((panel) => {
    const [left, right] = reach(panel, 0);
    const at = along - left;
    along += right - left + gap;
    return { panel, at, middle: (left + right) / 2 };
  });
  const high = Math.max(...panels.map((panel) => reach(panel, 1)[1]));
  const low = Math.min(...panels.map((panel) => reach(panel, 1)[0]));
  const type = Math.max(26, along / 26);
  return (
    <svg
      viewBox={`0 0 ${along - gap / 2} ${high - low + 2.2 * type}`}
      width="100%"
      style={{ maxHeight }}
      role="img"
      aria-label="The panels of one half with old and new stitching"
    >
      {laid.map(({ panel, at, middle }) => (
        <g key={panel.panel} transform={`translate(${at} ${high + 1.6 * type})`}>
          <path
            d={pathOf(panel.outline, true)}
            fill="var(--cloth-raised)"
            stroke="var(--ink-soft)"
            strokeWidth="3"
            strokeDasharray="12 8"
          />
          {panel.darts.map((leg, i) => (
            <path
              key={i}
              d={pathOf(leg)}
              fill="none"
              stroke="var(--ink-soft)"
              strokeWidth="2.5"
              strokeDasharray="8 7"
            />
          ))}
          {panel.new_edges.map((edge, i) => (
            <path
              key={`${edge.seam} ${edge.side} ${i}`}
              d={pathOf(edge.points)}
              fill="none"
              stroke="var(--thread)"
              strokeWidth={edge.seam === seam ? 9 : 5}
              strokeLinecap="round"
            />
          ))}
          <text x={middle} y={-high - 0.5 * type} fontSize={type} textAnchor="middle" fill="var(--ink-soft)">
            {panel.panel.replace("_", " ")}
          </text>
        </g>
      ))}
    </svg>
  );
});
