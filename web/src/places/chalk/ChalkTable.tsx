import type { Of } from "../../api/client";

type Line = Extract<Of<"SideLine">, { outcome: "drawn" }>;

const datumWords: Record<Of<"Datum">, string> = {
  hem: "the hem",
  band_top: "the top of the band",
  band_bottom: "the bottom of the band",
  crotch: "the crotch",
};
const markWords: Record<Of<"ChalkMark">, string> = {
  start: "start",
  end: "end",
  pin: "pin",
  deepest: "deepest",
  band: "band",
  step: "",
};

/** The line as marks for chalk and tape. */
export function ChalkTable({ line, seam }: { line: Line; seam: Of<"SeamSolution"> }) {
  const edges = line.table.rows.some((row) => row.shown.edge_front != null);
  const [one, other] = seam.evening ? ["front", "back"] : ["left", "right"];
  return (
    <section aria-label="Chalk table" data-testid={`chalk-table-${line.side}`}>
      <h2>
        {seam.evening ? (line.side === "centre" ? "Both sides" : line.side) : "Both halves"}: chalk table
      </h2>
      <p className="soft" style={{ fontSize: 14, lineHeight: 1.35 }}>
        From {datumWords[line.table.datum]}. {line.words}
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
    </section>
  );
}
