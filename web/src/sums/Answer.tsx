import type { Of } from "../api/client";
import { SumDrawing } from "./SumDrawing";

/** The answer to a sum: in a sentence, drawn, line by line. */
export function Answer({ answer }: { answer: Of<"SumAnswer"> }) {
  return (
    <>
      <p className="sum-answer">{answer.words}</p>
      <Workings answer={answer} />
    </>
  );
}

/** An answer whose sentence stands elsewhere: drawn, and line by line. */
export function Workings({ answer }: { answer: Of<"SumAnswer"> }) {
  return (
    <>
      <SumDrawing drawing={answer.drawing} of={answer.title} />
      <SumRows rows={answer.rows} />
    </>
  );
}

/** What is so and how much, a line each. */
export function SumRows({ rows, testid }: { rows: Of<"SumRow">[]; testid?: string }) {
  return (
    <table className="tape" data-testid={testid}>
      <tbody>
        {rows.map((row) => (
          <tr key={row.words}>
            <td>{row.words}</td>
            <td className="num">
              <strong>{row.shown}</strong>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
