import { skipToken, useQuery } from "@tanstack/react-query";
import { Select } from "antd";
import { useState } from "react";
import { answered, client, type Of } from "../../api/client";
import { fittingsQuery, jobQuery } from "../../api/queries";
import { OverFigures } from "../../cloth/OverFigures";
import type { AtWork } from "../../fitting/atWork";
import { TryAgain } from "../../fitting/TryAgain";
import { TableTabs } from "../../frame/TableTabs";
import "../../cloth/cloth.css";
import "./compare.css";

/** This fitting over an earlier or later one of the same garment. */
export default function CompareFittings({ id, draft, job }: AtWork) {
  const garment = draft.draft?.garment ?? "";
  const fittings = useQuery({ ...fittingsQuery(garment), enabled: garment !== "" });
  const others = fittings.data?.filter((each) => each.id !== id) ?? [];
  const [picked, setPicked] = useState<string | null>(null);
  const other = others.find((each) => each.id === picked) ?? others.at(-1);
  const otherJob = useQuery({ ...jobQuery(other?.id ?? ""), enabled: other !== undefined });
  const one = otherJob.data;
  const compared = useQuery({
    queryKey: ["comparison", one, job],
    staleTime: Infinity,
    queryFn: one
      ? async () =>
          (await answered(client.POST("/api/v1/compute/comparison", { body: { one, other: job } }))).data
      : skipToken,
  });
  const number = draft.draft?.number;
  const data = compared.data;
  return (
    <div className="page stack">
      <TableTabs id={id} />
      <div className="row spread">
        <h1>Two fittings over each other</h1>
        <TryAgain
          garment={garment}
          number={Math.max(0, ...(fittings.data ?? []).map((each) => each.record.number)) + 1}
        />
      </div>
      {fittings.data && others.length === 0 && (
        <p className="patch">
          This is the only fitting of this garment so far. Try it on again, and the two can be laid over each
          other here.
        </p>
      )}
      {other && (
        <div className="row">
          <label htmlFor="other-fitting">Fitting {number} over</label>
          <Select
            id="other-fitting"
            aria-label="The other fitting"
            value={other.id}
            onChange={setPicked}
            className="menu long"
            options={others.map((each) => ({
              value: each.id,
              label: `fitting ${each.record.number}, ${each.record.fitting.held_on}`,
            }))}
          />
        </div>
      )}
      {compared.error && (
        <p className="wrong-words" role="alert">
          {compared.error.message}
        </p>
      )}
      {data && other && (
        <div className="compare">
          <div className="looking-glass show-front">
            {data.figures[0] && data.figures[1] && (
              <OverFigures one={data.figures[0]} other={data.figures[1]} title="from the front" />
            )}
            {data.backs[0] && data.backs[1] && (
              <OverFigures one={data.backs[0]} other={data.backs[1]} title="from the back" />
            )}
          </div>
          <div className="stack">
            <p className="soft">
              Dashed: fitting {other.record.number}. In thread: fitting {number}.
            </p>
            <Levels levels={data.levels} numbers={[other.record.number, number ?? 0]} />
            <h2>What is different</h2>
            <ul className="minds" data-testid="differences">
              {data.words.map((words) => (
                <li key={words} className="note">
                  {words}
                </li>
              ))}
              {data.words.length === 0 && <li className="note">Nothing: both come out alike.</li>}
            </ul>
          </div>
        </div>
      )}
    </div>
  );
}

function Levels({ levels, numbers }: { levels: Of<"ComparedLevel">[]; numbers: [number, number] }) {
  return (
    <table className="tape" data-testid="compared">
      <thead>
        <tr>
          <th>level</th>
          <th>fitting {numbers[0]}</th>
          <th>fitting {numbers[1]}</th>
          <th>change</th>
          <th>ease {numbers[0]}</th>
          <th>ease {numbers[1]}</th>
        </tr>
      </thead>
      <tbody>
        {levels.map((row) => (
          <tr key={row.level + (row.side ?? "")} data-level={row.level}>
            <td>
              {row.words}
              {row.side ? `, ${row.side}` : ""}
            </td>
            <td className="num">{row.shown.after[0]}</td>
            <td className="num">
              <strong>{row.shown.after[1]}</strong>
            </td>
            <td className="num">{row.shown.change}</td>
            <td className="num">{row.shown.ease[0]}</td>
            <td className="num">{row.shown.ease[1]}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
