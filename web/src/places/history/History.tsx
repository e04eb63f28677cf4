import { useQuery } from "@tanstack/react-query";
import { Popconfirm } from "antd";
import type { Of } from "../../api/client";
import { journalQuery } from "../../api/queries";
import type { AtWork } from "../../fitting/atWork";
import { UndoButton } from "../../fitting/UndoButton";
import { useTakeBack } from "../../fitting/useTakeBack";
import { TableTabs } from "../../frame/TableTabs";
import "./history.css";

type Entry = Of<"JournalEntry">;

const made = ({ by }: Entry) => (by.here ? "you, here" : by.name ? `${by.name}, ${by.device}` : "");

/** Every change of the garment and its fittings, newest first, with who made it; each that can go has its way back. */
export default function History({ id, draft }: AtWork) {
  const garment = draft.draft?.garment ?? "";
  const journal = useQuery({ ...journalQuery(garment), enabled: garment !== "" });
  const back = useTakeBack(garment, draft.undone);
  return (
    <div className="page stack">
      <TableTabs id={id} />
      <div className="row spread">
        <h1>What was done</h1>
        <UndoButton draft={draft} />
      </div>
      <p className="soft">
        Each change of this garment, kept also over a restart. Any line that nothing later stands on can be
        taken back; what was taken back can come again.
      </p>
      <ol className="journal" data-testid="journal">
        {journal.data?.map((entry) => (
          <li key={entry.id} className={entry.undone ? "undone" : ""}>
            <time className="num soft" dateTime={entry.at}>
              {new Date(entry.at).toLocaleString(undefined, { dateStyle: "medium", timeStyle: "short" })}
            </time>
            <span className="what">
              {entry.what}
              {entry.undone ? ", taken back" : entry.above.length > 0 ? ", changed again later" : ""}
              {back.refusal && back.asked === entry.id && (
                <span className="wrong-words" role="alert">
                  {" "}
                  {back.refusal.message}
                </span>
              )}
            </span>
            <span className="soft">{made(entry)}</span>
            {entry.can_go && <TakeBack entry={entry} all={journal.data ?? []} onGo={back.mutate} />}
          </li>
        ))}
      </ol>
    </div>
  );
}

/** The way back of one line; where others stand on it they are named, and go only when that is confirmed. */
function TakeBack(props: {
  entry: Entry;
  all: Entry[];
  onGo: (what: { line: number; also: number[] }) => void;
}) {
  const { entry, all } = props;
  const words = `Take back: ${entry.what}`;
  const above = all.filter((each) => entry.above.includes(each.id));
  const go = () => props.onGo({ line: entry.id, also: entry.above });
  if (above.length === 0 && !entry.begins) {
    return (
      <button type="button" className="linkish" aria-label={words} onClick={go}>
        take back
      </button>
    );
  }
  return (
    <Popconfirm
      title={
        above.length > 0
          ? `${above.length} later ${above.length === 1 ? "change stands" : "changes stand"} on it`
          : "The fitting goes with it"
      }
      description={
        <ul className="above">
          {above.slice(0, 6).map((each) => (
            <li key={each.id}>{each.what}</li>
          ))}
          {above.length > 6 && <li>and {above.length - 6} more</li>}
        </ul>
      }
      okText={above.length > 0 ? "Take them back with it" : "Take it back"}
      cancelText="Leave it"
      onConfirm={go}
    >
      <button type="button" className="linkish" aria-label={words}>
        take back
      </button>
    </Popconfirm>
  );
}
