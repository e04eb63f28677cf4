import { useQuery } from "@tanstack/react-query";
import { journalQuery } from "../../api/queries";
import type { AtWork } from "../../fitting/FittingPlace";
import { UndoButton } from "../../fitting/UndoButton";
import { TableTabs } from "../chalk/TableTabs";

/** Every change of the garment and its fittings, newest first; the newest can be undone. */
export default function History({ id, draft }: AtWork) {
  const garment = draft.draft?.garment ?? "";
  const journal = useQuery({ ...journalQuery(garment), enabled: garment !== "" });
  return (
    <div className="page stack" style={{ gap: 14 }}>
      <TableTabs id={id} />
      <div className="row spread">
        <h1>What was done</h1>
        <UndoButton draft={draft} />
      </div>
      <p className="soft">
        Each change of this garment, kept also over a restart. Undo takes the newest back; press it again for
        the one before.
      </p>
      <ol className="journal" data-testid="journal">
        {journal.data?.map((entry) => (
          <li key={entry.id} className={entry.undone ? "undone" : ""}>
            <time className="num soft" dateTime={entry.at}>
              {new Date(entry.at).toLocaleString(undefined, { dateStyle: "medium", timeStyle: "short" })}
            </time>
            <span>
              {entry.what}
              {entry.undone ? ", undone" : ""}
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}
