import type { Of } from "../../api/client";
import { SumRows } from "../../sums/Answer";
import "./chalk.css";

type Waist = Of<"WaistShortening">;

/** Both edges of a waist that is opened to shorten the skirt, to scale, and what is done to them. */
export function WaistTable({ waist }: { waist: Waist }) {
  const longest = Math.max(waist.upper, waist.lower, waist.lower_with_darts);
  const bar = (mm: number) => ({ width: `${(100 * mm) / longest}%` });
  const sides = 4 * (waist.side_take_in ?? 0);
  const bars: [string, number][] = [
    ["what it is sewn to", waist.upper],
    ["skirt at its new edge", waist.lower],
    ["darts drawn again", waist.lower_with_darts],
    ...(sides > 0 ? [["sides taken in", waist.lower_with_darts - sides] as [string, number]] : []),
  ];
  return (
    <section aria-label="At the waist">
      <h2>At the waist</h2>
      <ul className="edges-to-scale" aria-hidden="true">
        {bars.map(([words, mm], i) => (
          <li key={words}>
            <span className={i === 0 ? "" : "new"} style={bar(mm)} />
            {words}
          </li>
        ))}
      </ul>
      <SumRows rows={waist.table} testid="waist-table" />
    </section>
  );
}
