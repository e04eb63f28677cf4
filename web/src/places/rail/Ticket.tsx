import type { Of } from "../../api/client";

type Hanging = Of<"Hanging">;

/** The swing ticket of a garment: wearer, next act, minutes left, day, and whether it will be done by then. */
export function Ticket({ hanging, margin }: { hanging: Hanging; margin: number | undefined }) {
  const { next, record, minutes_left } = hanging;
  return (
    <div className="ticket">
      <h2>{record.garment.name}</h2>
      <div className="soft">{hanging.wearer_name ?? "no wearer yet"}</div>
      <div className={`act ${next.at_stop ? "stop" : ""}`}>
        {next.at_stop ? "Stop: " : ""}
        {next.words}
      </div>
      {hanging.strays > 0 && (
        <div className="act stop">
          {hanging.strays === 1
            ? "One reading is on nothing now"
            : `${hanging.strays} readings are on nothing now`}
        </div>
      )}
      <div className="soft due-words">
        {next.finished
          ? "done"
          : minutes_left.p50 > 0
            ? `${Math.round(minutes_left.p20)}–${Math.round(minutes_left.p80)} min`
            : "not planned yet"}
        {record.due_on && <>, for {shortDay(record.due_on)}</>}
      </div>
      {!next.finished && margin !== undefined && margin < 0 && (
        <div className="late num">{inHours(-margin)} too late as planned</div>
      )}
    </div>
  );
}

/** Minutes as one says them. */
function inHours(minutes: number): string {
  const whole = Math.round(minutes);
  return whole < 90 ? `${whole} min` : `${Math.round(whole / 30) / 2} h`;
}

function shortDay(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString(undefined, {
    weekday: "short",
    day: "numeric",
    month: "short",
  });
}
