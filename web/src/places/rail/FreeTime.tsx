import type { Of } from "../../api/client";
import "./rail.css";

/** Free sewing time against what is due. */
export function FreeTime({ calendar }: { calendar: Of<"Calendar"> }) {
  const free = calendar.days[0]?.free ?? 0;
  const tightest = Math.min(...calendar.fits.map((fit) => fit.margin));
  return (
    <section className="patch free-time" aria-label="Free sewing time">
      <div className="row spread">
        <h2>Free time against what is due</h2>
        <span className="soft">
          {Math.round(free)} min a day (a habit).
          {calendar.shortfall == null &&
            calendar.fits.length > 0 &&
            ` All of it fits; the tightest has ${Math.round(tightest)} min to spare.`}
        </span>
      </div>
      <div className="days">
        {calendar.days.map((day, i) => (
          <div
            key={day.day}
            className={`day ${day.due.length ? "due" : ""}`}
            title={day.due.length ? `due: ${day.due.join(", ")}` : undefined}
          >
            <i style={{ height: `${day.free ? (day.claimed / day.free) * 48 : 0}px` }} />
            {day.due.length > 0 && <b>{day.due.length > 1 ? `${day.due.length} due` : "due"}</b>}
            {i % 2 === 0 && (
              <span>
                {new Date(`${day.day}T12:00`).toLocaleDateString(undefined, {
                  day: "numeric",
                  month: "short",
                })}
              </span>
            )}
          </div>
        ))}
      </div>
    </section>
  );
}
