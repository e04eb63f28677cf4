import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useNavigate } from "react-router";
import type { Of } from "../../api/client";
import { calendarQuery, railQuery } from "../../api/queries";
import { Silhouette } from "../../cloth/Silhouette";
import { beginFitting } from "../../fitting/beginFitting";
import { FreeTime } from "./FreeTime";
import { ImportJob } from "./ImportJob";
import "./rail.css";
import { placeNamed, to } from "../../frame/registry";

type Hanging = Of<"Hanging">;

/** One scale for the whole rail, in pixels a millimetre, so that garments can be compared. */
const scale = 0.24;

/** Home: every garment hanging to scale, with its next act and due day. */
export default function Rail() {
  const rail = useQuery(railQuery);
  const calendar = useQuery(calendarQuery);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const begin = useMutation({
    mutationFn: async (hanging: Hanging) => {
      const id = await beginFitting(hanging.id);
      await queries.invalidateQueries({ queryKey: ["rail"] });
      return id;
    },
    onSuccess: (id) => navigate(to.fitting(id, "mirror")),
  });
  const open = (hanging: Hanging) => {
    if (hanging.next.place === "rail") navigate(to.garment(hanging.id));
    else if (hanging.fitting) navigate(to.fitting(hanging.fitting, placeNamed(hanging.next.place)));
    else begin.mutate(hanging);
  };
  if (!rail.data)
    return (
      <p className="page" role="status">
        {rail.error?.message ?? "Fetching the rail."}
      </p>
    );
  if (rail.data.length === 0) return <EmptyRail />;
  const tallest = Math.max(
    ...rail.data.map((each) => (each.figure ? each.figure.top - each.figure.bottom : 900)),
  );
  return (
    <div className="page">
      <div className="row spread">
        <h1>On the rail</h1>
        <div className="row">
          <ImportJob />
          <Button type="primary" onClick={() => navigate("/hang")}>
            Hang a garment
          </Button>
        </div>
      </div>
      {begin.error && (
        <p className="wrong-words" role="alert">
          {begin.error.message}
        </p>
      )}
      <div className="rail-rod">
        {rail.data.map((hanging) => (
          <button key={hanging.id} className="hanging" data-testid="hanging" onClick={() => open(hanging)}>
            <Hanger hanging={hanging} height={tallest * scale + 66} />
            <div className="ticket">
              <h2>{hanging.record.garment.name}</h2>
              <div className="soft">{hanging.wearer_name ?? "no wearer yet"}</div>
              <div className={`act ${hanging.next.at_stop ? "stop" : ""}`}>
                {hanging.next.at_stop ? "Stop: " : ""}
                {hanging.next.words}
              </div>
              {hanging.strays > 0 && (
                <div className="act stop">
                  {hanging.strays === 1
                    ? "One reading is on nothing now"
                    : `${hanging.strays} readings are on nothing now`}
                </div>
              )}
              <div className="soft num ws-normal">
                {hanging.next.finished
                  ? "done"
                  : hanging.minutes_left.p50 > 0
                    ? `${Math.round(hanging.minutes_left.p20)}–${Math.round(hanging.minutes_left.p80)} min`
                    : "not planned yet"}
                {hanging.record.due_on && <>, for {shortDay(hanging.record.due_on)}</>}
              </div>
            </div>
          </button>
        ))}
      </div>
      {calendar.data && <FreeTime calendar={calendar.data} />}
    </div>
  );
}

/** Kinds that hang by the band; everything else hangs by its shoulders. */
const clipped: Of<"Kind">[] = ["trousers", "sweatpants", "straight_skirt", "flared_skirt"];

function Hanger({ hanging, height }: { hanging: Hanging; height: number }) {
  const byBand = clipped.includes(hanging.record.garment.shape.kind);
  return (
    <span className="hanger" style={{ height }}>
      <svg width="120" height="48" aria-hidden="true">
        <path
          d="M60 24V17c0-4 7-4 7-9s-4-7-8-7-7 3-7 6"
          fill="none"
          stroke="var(--shade)"
          strokeWidth="2.500"
        />
        {byBand ? (
          <>
            <path d="M12 42h96" stroke="var(--shade)" strokeWidth="4" strokeLinecap="round" />
            <path d="M60 24 16 42M60 24l44 18" stroke="var(--shade)" strokeWidth="2" />
            <path d="M22 38v9M98 38v9" stroke="var(--ink)" strokeWidth="5" />
          </>
        ) : (
          <path
            d="M60 24c-8 5-22 9-40 18M60 24c8 5 22 9 40 18"
            fill="none"
            stroke="var(--shade)"
            strokeWidth="5"
            strokeLinecap="round"
          />
        )}
      </svg>
      {hanging.figure ? (
        <span className={byBand ? "by-its-band" : "by-its-shoulders"}>
          <Silhouette figure={hanging.figure} scale={scale} />
        </span>
      ) : (
        <svg width="100" height="200" viewBox="0 0 100 200" aria-hidden="true">
          <path
            d="M16 4h68l8 192H58L50 66l-8 130H8z"
            fill="none"
            stroke="var(--ink-soft)"
            strokeWidth="1.500"
            strokeDasharray="5 5"
          />
          <text x="50" y="48" textAnchor="middle" fontSize="13" fill="var(--ink-soft)">
            not
          </text>
          <text x="50" y="62" textAnchor="middle" fontSize="13" fill="var(--ink-soft)">
            measured
          </text>
        </svg>
      )}
    </span>
  );
}

function EmptyRail() {
  const navigate = useNavigate();
  return (
    <div className="page stack max-720 gap-18 pt-48">
      <h1>The rail is empty</h1>
      <p className="text-18">Two things to begin with, in either order:</p>
      <div className="patch row spread">
        <div>
          <h2>Who wears it</h2>
          <p className="soft">A name and a few girths: bust, waist, hip, thigh. Ten minutes with a tape.</p>
        </div>
        <Button size="large" onClick={() => navigate(to.people)}>
          Measure a wearer
        </Button>
      </div>
      <div className="patch row spread">
        <div>
          <h2>What is to be fitted</h2>
          <p className="soft">
            A garment laid flat: two to six widths and lengths are enough to draw it, whatever its kind.
          </p>
        </div>
        <Button size="large" type="primary" onClick={() => navigate("/hang")}>
          Hang the first garment
        </Button>
      </div>
      <p className="row">
        <span className="soft">Or begin from a file: one garment here, a whole workroom under Account.</span>
        <ImportJob />
      </p>
    </div>
  );
}

function shortDay(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString(undefined, {
    weekday: "short",
    day: "numeric",
    month: "short",
  });
}
