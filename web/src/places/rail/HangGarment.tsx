import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { answered, client, type Of } from "../../api/client";
import { garmentQuery } from "../../api/queries";
import { Panels } from "../../cloth/Panels";
import { Silhouette } from "../../cloth/Silhouette";
import { TakeAway } from "../../entry/TakeAway";
import { FlatMeasures } from "./FlatMeasures";
import { InsideSeams } from "./InsideSeams";
import { KindChoice } from "./KindChoice";
import { Making } from "./Making";
import { NearHems } from "./NearHems";
import { SeamChoice } from "./SeamChoice";
import { blank, type GarmentRecord, type GarmentSheet, useGarmentSheet } from "./useGarmentSheet";
import { WashTest } from "./WashTest";
import { Whose } from "./Whose";
import { to } from "../../frame/registry";

/** Hangs a garment on the rail, or changes one that hangs there. */
export default function HangGarment() {
  const { garmentId } = useParams();
  const kept = useQuery({ ...garmentQuery(garmentId ?? ""), enabled: garmentId !== undefined });
  if (garmentId && !kept.data) {
    return (
      <p className="page" role="status">
        {kept.error?.message ?? "Fetching the garment."}
      </p>
    );
  }
  return (
    <Sheet
      key={garmentId ?? "new"}
      id={garmentId}
      kept={kept.data?.data ?? blank}
      version={kept.data?.version ?? null}
    />
  );
}

function Sheet({
  id,
  kept,
  version,
}: {
  id: string | undefined;
  kept: GarmentRecord;
  version: number | null;
}) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const takeOff = async (garment: string) => {
    await answered(client.DELETE("/api/v1/garments/{id}", { params: { path: { id: garment } } }));
    await queries.invalidateQueries();
    navigate("/");
  };
  const [strays, setStrays] = useState<Of<"StrayOn">[]>([]);
  const sheet = useGarmentSheet(id, kept, version, (strayed) =>
    strayed.length > 0 ? setStrays(strayed) : navigate("/"),
  );
  if (strays.length > 0) return <Strayed strays={strays} />;
  return (
    <div className="page">
      <form
        className="hang"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          sheet.save();
        }}
      >
        <section className="stack gap-18">
          <h1>{id ? sheet.record.garment.name : "Hang a garment"}</h1>
          <KindChoice sheet={sheet} />
          <Whose sheet={sheet} />
          <FlatMeasures sheet={sheet} />
          <SeamChoice sheet={sheet} />
          <InsideSeams sheet={sheet} />
          <Making sheet={sheet} />
          <WashTest sheet={sheet} />
          <NearHems sheet={sheet} places={sheet.known?.hem_places ?? []} />
        </section>
        <aside className="stack position-sticky top-12">
          <SoFar sheet={sheet} />
          <div className="row">
            <Button type="primary" size="large" htmlType="submit" loading={sheet.saving.isPending}>
              {id ? "Save the garment" : "Hang it on the rail"}
            </Button>
            <Button size="large" onClick={() => navigate("/")}>
              Back to the rail
            </Button>
          </div>
          {id && (
            <div>
              <TakeAway
                name="Take it off the rail for good"
                asks="Its fittings and readings go with it, and cannot be brought back."
                onTake={() => takeOff(id)}
              />
            </div>
          )}
        </aside>
      </form>
    </div>
  );
}

/** Front and back as they hang, from the panels. */
function Worn({ drawing }: { drawing: Of<"Drawing"> }) {
  if (!drawing.figure || !drawing.figure_back) return null;
  return (
    <div className="row justify-space-around mb-12" data-testid="worn">
      <Silhouette figure={drawing.figure} height={190} all />
      <Silhouette figure={drawing.figure_back} height={190} all />
    </div>
  );
}

/** The panels as far as the measures give them, and what is still missing or wrong. */
function SoFar({ sheet }: { sheet: GarmentSheet }) {
  const { data: solution, error } = sheet.solution;
  const refused = sheet.saving.error;
  return (
    <>
      <div className="patch">
        {solution?.drawing ? (
          <>
            <Worn drawing={solution.drawing} />
            <Panels panels={solution.drawing.panels} maxHeight={300} />
          </>
        ) : (
          <p className="soft">
            The garment is drawn here as soon as the measures marked “needed” are known; what is missing
            beyond them is estimated, and marked.
          </p>
        )}
      </div>
      <ul className="minds">
        {solution?.warnings
          .filter((warning) => warning.about.on === "garment")
          .map((warning) => (
            <li key={warning.code} className={warning.weight}>
              {warning.message}
            </li>
          ))}
      </ul>
      {error && (
        <p className="wrong-words" role="alert">
          {error.message}
        </p>
      )}
      {refused && refused.message !== error?.message && (
        <p className="wrong-words" role="alert">
          {refused.message}
        </p>
      )}
      {sheet.saveOver && (
        <div>
          <Button onClick={sheet.saveOver}>Save this sheet over it</Button>
        </div>
      )}
    </>
  );
}

/** What no longer fits the garment as it was just saved, and the way to it. */
function Strayed({ strays }: { strays: Of<"StrayOn">[] }) {
  const fittings = [...new Map(strays.map((stray) => [stray.fitting, stray.number])).entries()];
  return (
    <div className="page stack" data-testid="strayed">
      <h1>
        Saved, and {strays.length === 1 ? "one reading is" : `${strays.length} readings are`} on nothing now
      </h1>
      <p>
        They were read on the garment as it was. They count for nothing until they are read again or taken
        out; change the garment back, and they are where they were.
      </p>
      <ul>
        {strays.map((stray, at) => (
          <li key={at}>{stray.words}</li>
        ))}
      </ul>
      <div className="row">
        {fittings.map(([fitting, number]) => (
          <Link key={fitting} className="button-link" to={to.fitting(fitting, "mirror")}>
            See to fitting {number}
          </Link>
        ))}
        <Link to="/">Back to the rail</Link>
      </div>
    </div>
  );
}
