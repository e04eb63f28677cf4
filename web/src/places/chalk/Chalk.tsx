import { useCallback, useEffect, useMemo } from "react";
import { useSearchParams } from "react-router";
import { Alterations } from "../../alterations/Alterations";
import type { Of } from "../../api/client";
import { Balance } from "../../cloth/Balance";
import { Panels } from "../../cloth/Panels";
import { Spine } from "../../cloth/Spine";
import type { AtWork } from "../../fitting/atWork";
import { UndoButton } from "../../fitting/UndoButton";
import { isTyping } from "../../frame/keys";
import { ChalkTable } from "./ChalkTable";
import { Minds } from "./Minds";
import { Readings } from "./Readings";
import { Refusal } from "./Refusal";
import { SheetLinks } from "./SheetLinks";
import { TableTabs } from "../../frame/TableTabs";
import "./chalk.css";

type Seam = Of<"SeamSolution">;

/** At the table: read, even up, draw, check on paper. */
export default function Chalk({ id, draft, job, solution }: AtWork) {
  const [address, setAddress] = useSearchParams();
  const chosen = address.get("seam");
  const setChosen = useCallback(
    (seam: Of<"SeamName">) => setAddress({ seam }, { replace: true }),
    [setAddress],
  );
  const seams = solution.seams;
  const seam = seams.find((each) => each.seam === chosen) ?? seams[0];
  // The panels this seam lies on; a seam across the body lies on none alone.
  const panels = useMemo(() => {
    const all = solution.drawing?.panels ?? [];
    const own = all.filter((panel) => panel.new_edges.some((edge) => edge.seam === seam?.seam));
    return own.length > 0 ? own : all;
  }, [solution, seam?.seam]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const picked = seams[Number(event.key) - 1];
      if (picked && !isTyping(event)) setChosen(picked.seam);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [seams, setChosen]);
  if (!seam) {
    return (
      <div className="page stack">
        <TableTabs id={id} />
        <h1>Nothing to chalk yet</h1>
        <p>Read some pins at the Mirror first. What is known already:</p>
        <Minds id={id} warnings={solution.warnings} />
        <Balance levels={solution.levels} />
        <Alterations alterations={solution.alterations} onChange={draft.change} />
      </div>
    );
  }
  const { words } = seam;
  const usual = solution.pinnable.find((each) => each.seam === seam.seam)?.data[0];
  return (
    <div className="page stack">
      <TableTabs id={id} />
      <div className="row spread">
        <div className="row">
          <h1>{words[0]?.toUpperCase() + words.slice(1)}</h1>
          <div className="seam-tabs" role="group" aria-label="Pinned seams">
            {seams.map((each, i) => (
              <button
                key={each.seam}
                type="button"
                className="seam-key beside-title"
                aria-pressed={each === seam}
                onClick={() => setChosen(each.seam)}
              >
                <span className="key" aria-hidden="true">
                  {i + 1}
                </span>{" "}
                {each.words}
                {isRefused(each) ? " !" : ""}
              </button>
            ))}
          </div>
        </div>
        <div className="row">
          <UndoButton draft={draft} />
          <SheetLinks id={id} />
        </div>
      </div>
      <div className="chalk">
        <Readings seam={seam} job={job} draft={draft} />
        <div>
          <Spine seam={seam} unit={job.habits?.scale.unit ?? "mm"} />
        </div>
        <div className="stack">
          {seam.lines.map((line) =>
            "table" in line ? (
              <ChalkTable key={line.side} line={line} seam={seam} from={usual?.words ?? "the hem"} />
            ) : (
              <Refusal key={line.side} line={line} seam={seam} draft={draft} />
            ),
          )}
        </div>
        <div>{panels.length > 0 && <Panels panels={panels} seam={seam.seam} />}</div>
      </div>
      <Alterations alterations={solution.alterations} onChange={draft.change} />
      <section aria-label="Balance" className="stack">
        <h2>What every level will measure</h2>
        {solution.levels.length > 0 && <Balance levels={solution.levels} />}
        <Minds
          id={id}
          warnings={solution.warnings}
          here={{ on: "seam", seam: seam.seam }}
          drawn={solution.seams}
          draft={draft}
        />
      </section>
    </div>
  );
}

const isRefused = (seam: Seam) => seam.lines.some((line) => line.outcome === "refused");
