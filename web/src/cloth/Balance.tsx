import { memo } from "react";
import type { Of } from "../api/client";
import { useSaid } from "./useSaid";
import "./cloth.css";

/** The balance of every level: body, garment before and after, ease, verdict. */
export const Balance = memo(function Balance({ levels }: { levels: Of<"LevelBalance">[] }) {
  const said = useSaid();
  const most = Math.max(
    60,
    ...levels.flatMap((row) => [row.ease_before ?? 0, row.ease_after ?? 0, row.wanted ?? 0]),
  );
  const least = Math.min(0, ...levels.map((row) => row.ease_after ?? 0));
  const x = (ease: number) => ((ease - least) / (most - least)) * 216 + 12;
  return (
    <table className="tape" data-testid="balance">
      <thead>
        <tr>
          <th>level</th>
          <th>body</th>
          <th className="wide-only">before</th>
          <th>after</th>
          <th className="wide-only">change</th>
          <th>ease</th>
          <th className="wide-only">wanted</th>
          <th className="words wide-only">ease: o before, ● after, | wanted, ▏ least</th>
          <th className="words">verdict</th>
        </tr>
      </thead>
      <tbody>
        {levels.map((row) => (
          <tr key={row.level + (row.side ?? "")} data-level={row.level}>
            <td>
              {said.level(row.level)}
              {row.side ? `, ${row.side}` : ""}
            </td>
            <td className="num">{row.shown.body}</td>
            <td className="num wide-only">
              {row.estimated ? "≈ " : ""}
              {row.shown.before}
            </td>
            <td className="num">
              <strong>
                {row.estimated ? "≈ " : ""}
                {row.shown.after}
              </strong>
            </td>
            <td className="num wide-only">{row.shown.change}</td>
            <td className="num">
              <strong>{row.shown.ease}</strong>
            </td>
            <td className="num wide-only">{row.shown.wanted}</td>
            <td className="words wide-only">
              {row.ease_after != null && row.ease_before != null && (
                <svg width="240" height="18" aria-hidden="true">
                  <line x1="12" x2="228" y1="9" y2="9" stroke="var(--seam)" />
                  {row.floor != null && (
                    <line
                      x1={x(row.floor)}
                      x2={x(row.floor)}
                      y1="2"
                      y2="16"
                      stroke="var(--thread)"
                      strokeWidth="2"
                    />
                  )}
                  {row.wanted != null && (
                    <line
                      x1={x(row.wanted)}
                      x2={x(row.wanted)}
                      y1="3"
                      y2="15"
                      stroke="var(--chalk)"
                      strokeWidth="2"
                    />
                  )}
                  <line
                    x1={x(row.ease_before)}
                    x2={x(row.ease_after)}
                    y1="9"
                    y2="9"
                    stroke="var(--ink)"
                    strokeWidth="1.5"
                  />
                  <circle
                    cx={x(row.ease_before)}
                    cy="9"
                    r="4"
                    fill="var(--cloth-raised)"
                    stroke="var(--ink)"
                  />
                  <circle
                    cx={x(row.ease_after)}
                    cy="9"
                    r="5"
                    fill={row.verdict === "strains" ? "var(--thread)" : "var(--ink)"}
                  />
                </svg>
              )}
            </td>
            <td className={`words verdict ${row.verdict ?? ""}`}>{row.said}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
});
