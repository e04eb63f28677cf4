import type { Of } from "../../api/client";

type Waist = Of<"WaistShortening">;

/** Both edges of a waist that is opened to shorten the skirt, to scale, and what is done to them. */
export function WaistTable({ waist }: { waist: Waist }) {
  const longest = Math.max(waist.upper, waist.lower, waist.lower_with_darts);
  const bar = (mm: number) => ({ width: `${(100 * mm) / longest}%` });
  const sides = 4 * (waist.side_take_in ?? 0);
  return (
    <section aria-label="At the waist">
      <h2>At the waist</h2>
      <div className="edges-to-scale stack" style={{ gap: 5, margin: "8px 0 12px" }} aria-hidden="true">
        <span style={bar(waist.upper)} />
        <span className="new" style={bar(waist.lower)} />
        <span className="new" style={bar(waist.lower_with_darts)} />
        {sides > 0 && <span className="new" style={bar(waist.lower_with_darts - sides)} />}
      </div>
      <table className="tape" data-testid="waist-table">
        <tbody>
          {waist.table.map((row) => (
            <tr key={row.words}>
              <td>{row.words}</td>
              <td className="num">
                <strong>{row.shown}</strong>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
