import type { Of } from "../api/client";

/** The answer to a sum, line by line. */
export function Answer({ answer }: { answer: Of<"SumAnswer"> }) {
  return (
    <>
      <p style={{ fontWeight: 600 }}>{answer.words}</p>
      <table className="tape">
        <tbody>
          {answer.rows.map((row) => (
            <tr key={row.words}>
              <td>{row.words}</td>
              <td className="num">
                <strong>{row.shown}</strong>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
