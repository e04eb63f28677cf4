import { Button } from "antd";
import type { Of } from "../../api/client";
import { Panels } from "../../cloth/Panels";
import "./share.css";

/** One way of making the change: what each seam gives, what comes of it, and the panels with it. */
export function Plan(props: {
  plan: Of<"SharePlan">;
  /** The plan that holds now. */
  chosen?: boolean;
  onChoose?: () => void;
}) {
  const { plan } = props;
  const { besides, total } = plan.shown;
  return (
    <section className={`plan ${props.chosen ? "now" : ""}`} data-testid="plan" aria-label={plan.title}>
      <h2>{plan.title}</h2>
      <table className="tape">
        <thead>
          <tr>
            <th>seam</th>
            <th>depth</th>
            <th>takes</th>
          </tr>
        </thead>
        <tbody>
          {plan.parts.map((part) => (
            <tr key={part.seam} data-seam={part.seam}>
              <td>{part.words}</td>
              <td className="num">
                <strong>{part.shown[0]}</strong>
              </td>
              <td className="num">{part.shown[1]}</td>
            </tr>
          ))}
          {besides && (
            <tr>
              <td>other lines and hems</td>
              <td />
              <td className="num">{besides}</td>
            </tr>
          )}
          <tr>
            <td>in all</td>
            <td />
            <td className="num">
              <strong>{total}</strong>
            </td>
          </tr>
        </tbody>
      </table>
      <ul className="how">
        {plan.consequences.map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ul>
      <div className="grow" />
      {plan.panels.length > 0 && <Panels panels={plan.panels} maxHeight={230} />}
      {props.onChoose ? (
        <Button type="primary" onClick={props.onChoose} disabled={!plan.solved}>
          {plan.solved ? "Pin it like this" : "Cannot be sewn as it is"}
        </Button>
      ) : (
        <p className="soft">This is what the pins say now.</p>
      )}
    </section>
  );
}
