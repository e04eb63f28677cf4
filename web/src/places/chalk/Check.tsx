import type { Of } from "../../api/client";
import { Balance } from "../../cloth/Balance";
import { useSaid } from "../../cloth/useSaid";
import type { AtWork } from "../../fitting/atWork";
import { TableTabs } from "../../frame/TableTabs";
import "./chalk.css";

/** What girths do not tell: lengths, armholes, and what letting out could give. */
export default function Check({ id, solution }: AtWork) {
  return (
    <div className="page stack">
      <TableTabs id={id} />
      <h1>Lengths and letting out</h1>
      {solution.lengths.length > 0 && <Lengths rows={solution.lengths} />}
      {solution.armholes.length > 0 && <Armholes rows={solution.armholes} />}
      {solution.gains.length > 0 && <LettingOut gains={solution.gains} insets={solution.insets} />}
      {solution.put_on.length > 0 && (
        <section aria-label="Can it be put on">
          <h2>Can it be put on</h2>
          <ul className="minds" data-testid="put-on">
            {solution.put_on.map((check) => (
              <li key={check.through} className={check.passes ? "note" : "mind"}>
                {check.words}
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="Balance" className="stack">
        <h2>What every level will measure</h2>
        <Balance levels={solution.levels} />
        <OnForm levels={solution.levels} />
      </section>
    </div>
  );
}

function Lengths({ rows }: { rows: Of<"LengthRow">[] }) {
  return (
    <section aria-label="Lengths">
      <h2>Lengths and landmarks</h2>
      <table className="tape broad" data-testid="lengths">
        <thead>
          <tr>
            <th>length</th>
            <th>before</th>
            <th>after</th>
            <th>body</th>
            <th>apart</th>
            <th className="words">what to do</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.name} data-length={row.name}>
              <td>{row.words}</td>
              <td className="num">
                {row.estimated ? "≈ " : ""}
                {row.shown[0]}
              </td>
              <td className="num">
                <strong>{row.shown[1]}</strong>
              </td>
              <td className="num">{row.shown[2]}</td>
              <td className="num">{row.shown[3]}</td>
              <td className="words">{row.finding}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Armholes({ rows }: { rows: Of<"ArmholeFit">[] }) {
  return (
    <section aria-label="Armholes">
      <h2>Armhole and sleeve</h2>
      {rows.map((row) => (
        <p key={row.side ?? "both"} data-testid="armhole" className="prose">
          {row.side ? `On the ${row.side}: ` : ""}
          {row.words}
        </p>
      ))}
    </section>
  );
}

function LettingOut({ gains, insets }: { gains: Of<"LevelGain">[]; insets: Of<"Inset">[] }) {
  const said = useSaid();
  return (
    <section aria-label="Letting out" className="stack">
      <h2>What letting out could give</h2>
      <p className="soft">
        What is inside each seam up to the nearest clip, less what must stay. Traces of the old stitching may
        show: unpick a short stretch and look first.
      </p>
      <table className="tape broad" data-testid="gains">
        <thead>
          <tr>
            <th>level</th>
            <th className="words">inside the seams that cross it</th>
            <th>gains at most</th>
            <th>should gain</th>
            <th>missing</th>
          </tr>
        </thead>
        <tbody>
          {gains.map((gain) => (
            <tr key={gain.level} data-level={gain.level}>
              <td>{said.level(gain.level)}</td>
              <td className="words">{gain.seams.map((seam) => seam.words).join("; ")}</td>
              <td className="num">
                <strong>{gain.shown.most}</strong>
              </td>
              <td className="num">{gain.shown.wanted}</td>
              <td className="num">{gain.shown.missing}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {insets.length > 0 && (
        <ul className="minds" data-testid="insets">
          {insets.map((inset) => (
            <li key={inset.words} className="mind">
              {inset.words}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Where it was fitted on a form: the ease there, and on the wearer. */
function OnForm({ levels }: { levels: Of<"LevelBalance">[] }) {
  const said = useSaid();
  const rows = levels.filter((row) => row.on_form);
  if (rows.length === 0) return null;
  return (
    <table className="tape narrow" data-testid="on-form">
      <thead>
        <tr>
          <th>on the form</th>
          <th>form</th>
          <th>ease on the form</th>
          <th>wearer</th>
          <th>ease on the wearer</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.level + (row.side ?? "")}>
            <td>{said.level(row.level)}</td>
            <td className="num">{row.on_form?.shown[0]}</td>
            <td className="num">{row.on_form?.shown[1]}</td>
            <td className="num">{row.shown.body}</td>
            <td className="num">
              <strong>{row.shown.ease}</strong>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
