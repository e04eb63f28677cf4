import { useMutation, useQuery } from "@tanstack/react-query";
import { Button, Tooltip } from "antd";
import { answered, client } from "../api/client";
import { journalQuery } from "../api/queries";
import type { Draft } from "./useDraft";

/** Undoes the last change of the garment in hand, and says which that is. */
export function UndoButton({ draft }: { draft: Draft }) {
  const garment = draft.draft?.garment ?? "";
  const journal = useQuery({ ...journalQuery(garment), enabled: garment !== "", refetchInterval: 4000 });
  const last = journal.data?.find((entry) => !entry.undone);
  const undo = useMutation({
    mutationFn: () =>
      answered(client.POST("/api/v1/garments/{id}/undo", { params: { path: { id: garment } } })),
    onSuccess: draft.undone,
  });
  const nothing = !last || last.what.startsWith("hung") || /^began fitting/.test(last.what);
  return (
    <Tooltip title={nothing ? "Nothing to undo in this fitting" : last.what}>
      <Button
        disabled={nothing || draft.saving.state !== "saved"}
        loading={undo.isPending}
        onClick={() => undo.mutate()}
      >
        Undo
      </Button>
    </Tooltip>
  );
}
