import type { Of } from "../../api/client";

/** What each seam gives at each level, and what lengths and shoulders ask for. */
export function CopyResult({ plan }: { plan: Of<"CopyPlan"> }) {
  return (
    <section className="stack" aria-label="What makes it like the favourite">
      <table className="tape narrow" data-testid="copy">
        <thead>
          <tr>
            <th>level</th>
            <th>this, flat</th>
            <th>favourite, flat</th>
            <th>depth a seam</th>
            <th className="words">on</th>
          </tr>
        </thead>
        <tbody>
          {plan.rows.map((row) => (
            <tr key={row.level + row.seams.join()} data-level={row.level}>
              <td>{row.words}</td>
              <td className="num">{row.shown[0]}</td>
              <td className="num">{row.shown[1]}</td>
              <td className="num">
                <strong>{row.shown[2]}</strong>
              </td>
              <td className="words">{row.seams.map((seam) => seam.replaceAll("_", " ")).join(", ")}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <ul className="minds">
        {plan.notes.map((note) => (
          <li key={note} className="mind">
            {note}
          </li>
        ))}
        {plan.lengths.map((length) => (
          <li key={length.name} className="mind">
            {length.words}
          </li>
        ))}
        {plan.unmatched.length > 0 && (
          <li className="note">
            Measured on one of them only, and left as it is: {plan.unmatched.join(", ")}.
          </li>
        )}
      </ul>
    </section>
  );
}
