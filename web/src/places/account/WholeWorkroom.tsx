import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button, Progress } from "antd";
import { useEffect, useRef, useState } from "react";
import { answered, client, fromThisPage, type Of } from "../../api/client";
import { askAgain } from "../../api/askAgain";
import { isGoingIn, restoringQuery } from "../../api/queries";

/** Sends a file as it is: the workroom looks it over and takes all of it or nothing. */
const restore = (file: File) =>
  answered(
    client.POST("/api/v1/workroom", {
      // The file goes as it is; the client would write it out as JSON.
      body: file as unknown as number[],
      bodySerializer: () => file,
      headers: { "Content-Type": "application/zip", Prefer: "respond-async" },
    }),
  );

/** Everything in one file: out at any time, and into a workroom that is empty. */
export function WholeWorkroom({ holds }: { holds: Of<"Holdings"> }) {
  const queries = useQueryClient();
  const picked = useRef<HTMLInputElement>(null);
  const put = useMutation({
    mutationFn: restore,
    onSuccess: () => queries.invalidateQueries({ queryKey: restoringQuery.queryKey }),
  });
  const { going, ended } = useRestoring(put.isSuccess);
  const empty = holds.people === 0 && holds.garments === 0 && !going;
  return (
    <section className="stack" aria-label="The workroom in one file">
      <h2>The workroom in one file</h2>
      <p>
        People, garments, fittings and habits, and a job file of each fitting. What was done, and by whom,
        stays here.
      </p>
      <div className="row">
        <Button href={fromThisPage("/api/v1/workroom.zip")} download>
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
            <Button loading={put.isPending} disabled={going !== null} onClick={() => picked.current?.click()}>
              Restore a file into this workroom
            </Button>
          </>
        )}
      </div>
      {!empty && !going && (
        <p className="soft">A file is restored into a workroom that has nothing in it yet.</p>
      )}
      {going && <GoingIn going={going} />}
      {ended?.stage === "done" && ended.holds && (
        <p role="status">
          Restored: {ended.holds.people} people, {ended.holds.garments} garments, {ended.holds.fittings}{" "}
          fittings.
        </p>
      )}
      {ended?.stage === "none" && (
        <p className="wrong-words" role="alert">
          The workroom was started anew before all of the file was in: nothing of it is. Hand it over again.
        </p>
      )}
      {(put.error || ended?.problem) && !going && (
        <p className="wrong-words" role="alert">
          {put.error?.message ?? ended?.problem?.detail}
        </p>
      )}
    </section>
  );
}

/** A workroom file on its way in, and what became of one that was seen on its way. */
function useRestoring(begun: boolean) {
  const queries = useQueryClient();
  const { data } = useQuery(restoringQuery);
  const [seen, setSeen] = useState(false);
  const going = data && isGoingIn(data.stage) ? data : null;
  const ended = data && !going && (begun || seen || data.stage === "refused") ? data : null;
  if (going && !seen) setSeen(true);
  const isIn = ended?.stage === "done";
  useEffect(() => {
    if (isIn) void askAgain(queries, "workroom");
  }, [isIn, queries]);
  return { going, ended };
}

function GoingIn({ going }: { going: Of<"Restoring"> }) {
  const { stage, done, of } = going;
  const words =
    stage === "waits"
      ? "It waits until another file is in."
      : stage === "looked_over"
        ? `Looking it over: ${done} of ${of} garments.`
        : `Going in: ${done} of ${of} people, garments and fittings. All of it goes in, or nothing.`;
  return (
    <div role="status">
      <Progress percent={of > 0 ? Math.round((100 * done) / of) : 0} showInfo={false} status="active" />
      <p>{words} It goes on by itself; this page may be closed.</p>
    </div>
  );
}
