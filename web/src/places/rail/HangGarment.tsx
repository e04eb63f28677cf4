import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useNavigate, useParams } from "react-router";
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
  const sheet = useGarmentSheet(id, kept, version, () => navigate("/"));
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
        <section className="stack" style={{ gap: 18 }}>
          <h1>{id ? sheet.record.garment.name : "Hang a garment"}</h1>
          <KindChoice sheet={sheet} />
          <Whose sheet={sheet} />
          <FlatMeasures sheet={sheet} />
          <SeamChoice sheet={sheet} />
          <InsideSeams sheet={sheet} />
          <Making sheet={sheet} />
          <WashTest sheet={sheet} />
          <NearHems sheet={sheet} places={sheet.solution.data?.hem_places ?? []} />
        </section>
        <aside className="stack" style={{ position: "sticky", top: 12 }}>
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
    <div className="row" style={{ justifyContent: "space-around", marginBottom: 12 }} data-testid="worn">
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
          .filter((warning) => warning.about === "garment")
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
