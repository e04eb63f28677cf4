import { Button } from "antd";
import { useNavigate } from "react-router";
import { useChangeHabits } from "../../api/changeHabits";
import type { Of } from "../../api/client";
import { to } from "../../frame/registry";

/** That not all of it fits, once, and the two ways out of it. */
export function WaysOut({ shortfall, hanging }: { shortfall: Of<"Shortfall">; hanging: Of<"Hanging">[] }) {
  const navigate = useNavigate();
  const minutes = shortfall.minutes_a_day ?? null;
  const sewMore = useChangeHabits();
  const waits = hanging.find((each) => each.id === shortfall.let_wait[0]);
  return (
    <div className="ways-out row" role="note">
      <span className="grow">{shortfall.words}</span>
      {minutes !== null && (
        <Button
          loading={sewMore.isPending}
          onClick={() =>
            sewMore.mutate((all) => ({ ...all, rules: { ...all.rules, sewing_a_day: minutes } }))
          }
        >
          Sew {minutes} min a day
        </Button>
      )}
      {waits && (
        <Button onClick={() => navigate(to.garment(waits.id))}>
          Another day for {waits.record.garment.name}
        </Button>
      )}
      {sewMore.error && (
        <p className="wrong-words" role="alert">
          {sewMore.error.message}
        </p>
      )}
    </div>
  );
}
