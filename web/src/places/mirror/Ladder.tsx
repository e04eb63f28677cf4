import { useMutation } from "@tanstack/react-query";
import { Button } from "antd";
import { answered, client, type Of } from "../../api/client";
import type { Draft } from "../../fitting/useDraft";

/** Sets a ladder of pins on the picked seam from numbers, both sides alike; then they are moved. */
export function Ladder(props: {
  job: Of<"Job">;
  seam: Of<"SeamName">;
  seams: Of<"PinnableSeam">[];
  draft: Draft;
}) {
  const known = props.seams.find((each) => each.seam === props.seam);
  const set = useMutation({
    mutationFn: async () =>
      (await answered(client.POST("/api/v1/compute/ladder", { body: { job: props.job, seam: props.seam } })))
        .data,
    onSuccess: (pins) =>
      props.draft.change(
        (now) => ({ ...now, pins: [...(now.pins ?? []).filter((pin) => pin.seam !== props.seam), ...pins] }),
        "ladder",
      ),
  });
  if (!known || known.crosswise || known.new_dart || known.length == null) return null;
  const has = (props.job.fitting.pins ?? []).some((pin) => pin.seam === props.seam);
  return (
    <div className="stack tight">
      <Button onClick={() => set.mutate()} loading={set.isPending}>
        {has ? "Set the ladder anew on the " : "Set a ladder on the "}
        {known.words}
      </Button>
      <span className="soft small">
        Pins evenly down the seam, both sides alike, as deep as the wanted ease asks. Read a pin again where
        it stands, and it moves to the new depth.
      </span>
      {set.error && (
        <p className="wrong-words" role="alert">
          {set.error.message}
        </p>
      )}
    </div>
  );
}
