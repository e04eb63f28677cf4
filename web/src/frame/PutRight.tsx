import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { answered, client, Refused } from "../api/client";
import { askAgain } from "../api/askAgain";

/** Cuts what was kept before there were limits down to them, at the address the workroom names for it. */
export function PutRight({ at }: { at: string }) {
  const queries = useQueryClient();
  const put = useMutation({
    // The address is whole; whatever it is of, putting it right is asked for alike.
    mutationFn: () =>
      answered(client.POST(at as "/api/v1/garments/{id}/put-right", { params: { path: { id: "" } } })),
    onSuccess: () => askAgain(queries, "workroom"),
  });
  return (
    <>
      <div>
        <Button type="primary" loading={put.isPending} onClick={() => put.mutate()}>
          Put it right
        </Button>
      </div>
      {put.error && (
        <p className="wrong-words" role="alert">
          {put.error.message}
        </p>
      )}
    </>
  );
}

/** Stands for what is not here: it is still being fetched, or why it cannot be, with the way to mend that. */
export function NotHere({ error, fetching }: { error: Error | null | undefined; fetching: string }) {
  const problem = error instanceof Refused ? error.problem : null;
  return (
    <div className="page stack" role="status">
      {problem?.put_right && <h1>{problem.title}</h1>}
      <p className="prose">{error?.message ?? fetching}</p>
      {problem?.put_right && <PutRight at={problem.put_right} />}
    </div>
  );
}
