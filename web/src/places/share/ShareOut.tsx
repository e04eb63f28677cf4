import { skipToken, useQuery } from "@tanstack/react-query";
import { Button, Input, Select } from "antd";
import { useState } from "react";
import { answered, client, type Of, Refused } from "../../api/client";
import { useSaid } from "../../cloth/useSaid";
import { readLengths } from "../../entry/lengths";
import type { AtWork } from "../../fitting/atWork";
import { UndoButton } from "../../fitting/UndoButton";
import { TableTabs } from "../../frame/TableTabs";
import { Plan } from "./Plan";
import "./share.css";

/** "The waist must lose 46": the pinned plan and the two best alternatives, drawn and said. */
export default function ShareOut({ id, draft, job, solution }: AtWork) {
  const said = useSaid();
  const levels = solution.levels.filter((row) => row.side !== "right");
  const [level, setLevel] = useState<Of<"LevelName">>(levels[0]?.level ?? "waist");
  const [text, setText] = useState("");
  const [asked, setAsked] = useState<Of<"ShareRequest"> | null>(null);
  const [wrong, setWrong] = useState("");
  const row = levels.find((each) => each.level === level);
  const share = useQuery({
    queryKey: ["share", job, asked],
    staleTime: Infinity,
    placeholderData: (before) => before,
    queryFn: asked
      ? async () =>
          (await answered(client.POST("/api/v1/compute/share", { body: { job, request: asked } }))).data
      : skipToken,
  });
  const ask = async () => {
    try {
      const [read] = await readLengths(job.habits, [{ field: "lose", text }]);
      setWrong("");
      if (read) setAsked({ level, lose: read.length });
    } catch (refusal) {
      setWrong(refusal instanceof Refused ? refusal.message : String(refusal));
    }
  };
  const choose = (plan: Of<"SharePlan">) =>
    draft.change(
      (now) => ({
        ...now,
        pins: plan.pins,
        // Depths accepted for the old plan say nothing about the new one.
        accepted: (now.accepted ?? []).filter((each) => !plan.parts.some((part) => part.seam === each.seam)),
      }),
      "plan",
    );
  const out = share.data;
  return (
    <div className="page stack">
      <TableTabs id={id} />
      <div className="row spread">
        <h1>Share a change out</h1>
        <UndoButton draft={draft} />
      </div>
      <form
        className="row share-asks"
        onSubmit={(event) => {
          event.preventDefault();
          void ask();
        }}
      >
        <div className="field">
          <label htmlFor="share-level">The</label>
          <Select
            id="share-level"
            aria-label="Level"
            value={level}
            onChange={setLevel}
            className="menu"
            options={levels.map((each) => ({ value: each.level, label: said.level(each.level) }))}
          />
        </div>
        <div className="field">
          <label htmlFor="share-lose">must lose in all</label>
          <Input
            id="share-lose"
            value={text}
            className="share-amount"
            autoComplete="off"
            aria-invalid={!!wrong}
            status={wrong ? "error" : ""}
            onChange={(event) => setText(event.target.value)}
          />
        </div>
        <Button type="primary" htmlType="submit">
          Share it out
        </Button>
        <span className="soft">
          {row?.ease_before != null && row.wanted != null
            ? `It measures ${row.shown.before} without any line, ${row.shown.ease_before} of ease; wanted is ${row.shown.wanted}. A minus lets out.`
            : "Against what it measures without any line. A minus lets out."}
        </span>
      </form>
      {(wrong || share.error) && (
        <p className="wrong-words" role="alert">
          {wrong || share.error?.message}
        </p>
      )}
      {out?.short && (
        <p className="refusal" role="alert">
          {out.short}
        </p>
      )}
      {out && (
        <>
          <div className="plans" data-testid="plans">
            <Plan plan={out.pinned} chosen />
            {out.alternatives.map((plan) => (
              <Plan key={plan.title} plan={plan} onChoose={() => choose(plan)} />
            ))}
          </div>
          <Limits sources={out.sources} />
        </>
      )}
    </div>
  );
}

function Limits({ sources }: { sources: Of<"ShareSource">[] }) {
  return (
    <section aria-label="Where it can come from">
      <h2>Where it can come from</h2>
      <table className="tape narrow">
        <thead>
          <tr>
            <th>seam</th>
            <th>most depth</th>
            <th className="words">because of</th>
          </tr>
        </thead>
        <tbody>
          {sources.map((source) => (
            <tr key={source.seam}>
              <td>{source.words}</td>
              <td className="num">{source.shown}</td>
              <td className="words soft">{source.because}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
