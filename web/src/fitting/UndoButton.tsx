import { useQuery } from "@tanstack/react-query";
import { Button, Tooltip } from "antd";
import { journalQuery } from "../api/queries";
import { useIsFriend } from "./friend";
import { useTakeBack } from "./useTakeBack";
import type { Draft } from "./useDraft";

/** Takes back the last change of the garment in hand, and says which that is. */
export function UndoButton({ draft }: { draft: Draft }) {
  const friend = useIsFriend();
  const garment = draft.draft?.garment ?? "";
  const journal = useQuery({ ...journalQuery(garment), enabled: garment !== "" && !friend });
  const undo = useTakeBack(garment, draft.undone);
  // A beginning is taken back on the list of what was done, where its consequence is read.
  const last = journal.data?.find(
    (entry) => entry.can_go && entry.takes_back == null && entry.above.length === 0,
  );
  const nothing = !last || last.begins;
  if (friend) return null;
  return (
    <Tooltip title={undo.refusal?.message ?? (nothing ? "Nothing to undo in this fitting" : last.what)}>
      <Button
        disabled={nothing || draft.saving.state === "saving" || draft.saving.state === "silent"}
        loading={undo.isPending}
        // The second press of a double one is about what was last before the first.
        onClick={(press) => last && press.detail <= 1 && undo.mutate({ line: last.id })}
      >
        Undo
      </Button>
    </Tooltip>
  );
}
