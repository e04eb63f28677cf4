import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button, Input } from "antd";
import { useDeferredValue, useState } from "react";
import { useNavigate } from "react-router";
import type { Of } from "../../api/client";
import { calendarQuery, railQuery } from "../../api/queries";
import { beginFitting } from "../../fitting/beginFitting";
import { FreeTime } from "./FreeTime";
import { Hanger, railScale } from "./Hanger";
import { ImportJob } from "./ImportJob";
import { Ticket } from "./Ticket";
import { Tonight } from "./Tonight";
import { WaysOut } from "./WaysOut";
import { WhichTape } from "./WhichTape";
import "./rail.css";
import { placeNamed, to } from "../../frame/registry";

type Hanging = Of<"Hanging">;

/** From so many garments on there is something to find. */
const searchedFrom = 12;
/** So many hang at once; the rest are hung while the page already answers. */
const hungFirst = 24;

/** Home: every garment hanging to scale, with its next act and due day. */
export default function Rail() {
  const rail = useQuery(railQuery);
  const calendar = useQuery(calendarQuery);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [finding, setFinding] = useState("");
  const begin = useMutation({
    mutationFn: async (hanging: Hanging) => {
      const id = await beginFitting(hanging.id);
      await queries.invalidateQueries({ queryKey: ["rail"] });
      return id;
    },
    onSuccess: (id) => navigate(to.fitting(id, "mirror")),
  });
  const open = (hanging: Hanging) => {
    if (hanging.next.place === "rail") void navigate(to.garment(hanging.id));
    else if (hanging.fitting) void navigate(to.fitting(hanging.fitting, placeNamed(hanging.next.place)));
    else begin.mutate(hanging);
  };
  if (!rail.data)
    return (
      <p className="page" role="status">
        {rail.error?.message ?? "Fetching the rail."}
      </p>
    );
  if (rail.data.length === 0) return <EmptyRail />;
  const margins = new Map(calendar.data?.fits.map((fit) => [fit.key, fit.margin]));
  const wanted = finding.trim().toLowerCase();
  const found = rail.data.filter((each) =>
    [each.record.garment.name, each.wearer_name ?? ""].some((words) => words.toLowerCase().includes(wanted)),
  );
  const unfinished = found.filter((each) => !each.next.finished);
  const finished = found.filter((each) => each.next.finished);
  const hang = (all: Hanging[]) => <Rod all={all} margins={margins} onOpen={open} />;
  return (
    <div className="page whole-window">
      <div className="row spread">
        <h1>On the rail</h1>
        <div className="row">
          {rail.data.length >= searchedFrom && (
            <Input
              allowClear
              aria-label="Find by name or wearer"
              placeholder="Find by name or wearer"
              className="find"
              value={finding}
              onChange={(event) => setFinding(event.target.value)}
            />
          )}
          <ImportJob />
          <Button type="primary" onClick={() => navigate(to.hang)}>
            Hang a garment
          </Button>
        </div>
      </div>
      {begin.error && (
        <p className="wrong-words" role="alert">
          {begin.error.message}
        </p>
      )}
      <Tonight hanging={rail.data} onOpen={open} />
      {calendar.data?.shortfall && <WaysOut shortfall={calendar.data.shortfall} hanging={rail.data} />}
      {hang(unfinished)}
      {wanted !== "" && found.length === 0 && <p className="soft">Nothing on the rail is called that.</p>}
      {finished.length > 0 && (
        <details className="finished" open={wanted !== ""}>
          <summary>{finished.length === 1 ? "One is finished" : `${finished.length} are finished`}</summary>
          {hang(finished)}
        </details>
      )}
      {calendar.data && <FreeTime calendar={calendar.data} />}
    </div>
  );
}

/** Garments side by side on rods as wide as the window. */
function Rod({
  all,
  margins,
  onOpen,
}: {
  all: Hanging[];
  margins: Map<string, number>;
  onOpen: (hanging: Hanging) => void;
}) {
  const tallest = Math.max(
    ...all.map((each) => (each.figure ? each.figure.top - each.figure.bottom : 900)),
    0,
  );
  const hung = useDeferredValue(all, all.slice(0, hungFirst));
  return (
    <div className="rail-rod">
      {hung.map((hanging) => (
        <button
          key={hanging.id}
          type="button"
          className="hanging"
          data-testid="hanging"
          onClick={() => onOpen(hanging)}
        >
          <Hanger hanging={hanging} height={tallest * railScale + 66} />
          <Ticket hanging={hanging} margin={margins.get(hanging.id)} />
        </button>
      ))}
    </div>
  );
}

function EmptyRail() {
  const navigate = useNavigate();
  return (
    <div className="page stack rail-empty">
      <h1>The rail is empty</h1>
      <WhichTape />
      <p className="begin-with">Two things to begin with, in either order:</p>
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
