import { memo } from "react";
import type { Of } from "../../api/client";
import type { HemSolution } from "../../hem/wish";
import "./chalk.css";

/** The marks to chalk round one hem, in turning order. */
export const HemTable = memo(function HemTable(props: { solved: HemSolution; side: Of<"HemSide"> }) {
  const { solved, side } = props;
  if (side.rows.length === 0) return null;
  const cuts = side.rows.some((row) => row.cut != null);
  // What opens in front ends where it began, once round.
  const round = side.rows.at(-1)?.at === 360 ? "from edge to edge" : "all round";
  const which = !solved.paired ? round : side.side === "centre" ? "both alike" : side.side;
  return (
    <div>
      <h2>Chalk table, {which}</h2>
      <p className="soft small">
        {solved.wanted[0]?.toUpperCase() + solved.wanted.slice(1)}.{" "}
        {side.tuck
          ? "Between the two lines of stitching lies what is lost."
          : "From the edge as it is, up; below it is minus."}
        {cuts &&
          (solved.old_turn_up === "unpicked"
            ? " The old turn-up is unpicked: a minus lies on its cloth."
            : " The old turn-up stays folded and goes with the strip.")}
      </p>
      <table className="tape" data-testid={`hem-table-${side.side}`}>
        <thead>
          <tr>
            <th>place</th>
            <th>round</th>
            <th>{side.tuck ? "loses" : "fold"}</th>
            {cuts && <th>cut</th>}
            {cuts && <th>strip</th>}
            <th>finished</th>
          </tr>
        </thead>
        <tbody>
          {side.rows.map((row) => (
            <tr key={row.at} className={row.is_reading ? "pin-row" : ""}>
              <td>{row.words}</td>
              <td className="num">{row.shown[0]}</td>
              <td className="num">
                <strong>{row.shown[1]}</strong>
              </td>
              {cuts && <td className="num">{row.shown[2]}</td>}
              {cuts && <td className="num">{row.shown[3]}</td>}
              <td className="num">{row.shown[4]}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
});
