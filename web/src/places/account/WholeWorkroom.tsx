import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useRef } from "react";
import { answered, client } from "../../api/client";
import type { Of } from "../../api/client";

/** Sends a file as it is: the workroom looks it over and takes all of it or nothing. */
const restore = async (file: File) =>
  (
    await answered(
      client.POST("/api/v1/workroom", {
        // The file goes as it is; the client would write it out as JSON.
        body: file as unknown as number[],
        bodySerializer: () => file,
        headers: { "Content-Type": "application/zip" },
      }),
    )
  ).data;

/** Everything in one file: out at any time, and into a workroom that is empty. */
export function WholeWorkroom({ holds }: { holds: Of<"Holdings"> }) {
  const queries = useQueryClient();
  const picked = useRef<HTMLInputElement>(null);
  const put = useMutation({ mutationFn: restore, onSuccess: () => queries.invalidateQueries() });
  const empty = holds.people === 0 && holds.garments === 0;
  return (
    <section className="stack" aria-label="The workroom in one file">
      <h2>The workroom in one file</h2>
      <p>
        People, garments, fittings and habits, and a job file of each fitting. What was done, and by whom,
        stays here.
      </p>
      <div className="row">
        <Button href="/api/v1/workroom.zip" download>
          Save everything
        </Button>
        {empty && (
          <>
            <input
              ref={picked}
              type="file"
              accept=".zip,application/zip"
              hidden
              aria-label="Workroom file"
              onChange={(event) => {
                const file = event.target.files?.[0];
                if (file) put.mutate(file);
                event.target.value = "";
              }}
            />
            <Button loading={put.isPending} onClick={() => picked.current?.click()}>
              Restore a file into this workroom
            </Button>
          </>
        )}
      </div>
      {!empty && <p className="soft">A file is restored into a workroom that has nothing in it yet.</p>}
      {put.isSuccess && (
        <p role="status">
          Restored: {put.data.people} people, {put.data.garments} garments, {put.data.fittings} fittings.
        </p>
      )}
      {put.error && (
        <p className="wrong-words" role="alert">
          {put.error.message}
        </p>
      )}
    </section>
  );
}
