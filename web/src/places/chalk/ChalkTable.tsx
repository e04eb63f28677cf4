import { memo } from "react";
import type { Of } from "../../api/client";
import "./chalk.css";

type Line = Extract<Of<"SideLine">, { outcome: "drawn" }>;

const markWords: Record<Of<"ChalkMark">, string> = {
  start: "start",
  end: "end",
  pin: "pin",
  deepest: "deepest",
  band: "band",
  step: "",
};

/** A seam there is only one of. */

/** The line as marks for chalk and tape. */
export const ChalkTable = memo(function ChalkTable({
  line,
  seam,
  from,
}: {
  line: Line;
  seam: Of<"SeamSolution">;
  /** Where its stations are counted from, in words. */
  from: string;
}) {
  const edges = line.table.rows.some((row) => row.shown.edge_front != null);
  const [one, other] = seam.edge_words;
  return (
    <section aria-label="Chalk table" data-testid={`chalk-table-${line.side}`}>
      <h2>{!seam.paired ? "Both halves" : line.side === "centre" ? "Both sides" : line.side}: chalk table</h2>
      <p className="soft small">
        From {from}. {line.words}
      </p>
      <table className="tape">
        <thead>
          <tr>
            <th>station</th>
            <th>depth</th>
            {edges && (
              <>
                <th>{one} edge</th>
                <th>{other} edge</th>
              </>
            )}
            <th className="words">what is there</th>
          </tr>
        </thead>
        <tbody>
          {line.table.rows.map((row) => (
            <tr key={row.station} className={row.marks.includes("pin") ? "pin-row" : ""}>
              <td className="num">{row.shown.station}</td>
              <td className="num">
                <strong>{row.shown.depth}</strong>
              </td>
              {edges && (
                <>
                  <td className="num">{row.shown.edge_front}</td>
                  <td className="num">{row.shown.edge_back}</td>
                </>
              )}
              <td className="words soft">
                {row.marks
                  .map((mark) => markWords[mark])
                  .filter(Boolean)
                  .join(", ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {line.turn_up.length > 0 && (
        <p className="soft small">
          On the turn-up, folded down, the same again:{" "}
          {line.turn_up.map((mark) => `${mark.shown[1]} at ${mark.shown[0]}`).join(", ")} below the fold.
        </p>
      )}
      {line.edges.length > 0 && (
        <p className="soft small" data-testid="edge-lengths">
          New edge:{" "}
          {line.edges
            .map(
              (edge) =>
                `${line.edges.length > 1 ? `${edge.words} ` : ""}${edge.shown[1]}, along the old ${edge.shown[0]}`,
            )
            .join("; ")}
          . {line.mismatch ?? ""}
        </p>
      )}
    </section>
  );
});
