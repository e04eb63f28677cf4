import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useMemo, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { answered, client, type Of } from "../../api/client";
import { askAgain } from "../../api/askAgain";
import { garmentQuery, wordsQuery } from "../../api/queries";
import { TakeAway } from "../../entry/TakeAway";
import { KindChoice } from "./KindChoice";
import { type Garment, type GarmentRecord, type GarmentSheet, useGarmentSheet } from "./useGarmentSheet";
import { Later } from "./Later";
import { aboutPart, type LaterName } from "./later";
import { Measuring } from "./Measuring";
import { puttingBack } from "./putBack";
import { TheWish } from "./TheWish";
import { Whose } from "./Whose";
import { NotHere } from "../../frame/PutRight";
import { to } from "../../frame/registry";
import { type InHand, useInHandForSums } from "../../sums/keeping";

/** Hangs a garment on the rail, or changes one that hangs there. */
export default function HangGarment() {
  const { garmentId } = useParams();
  const kept = useQuery({ ...garmentQuery(garmentId ?? ""), enabled: garmentId !== undefined });
  const words = useQuery(wordsQuery);
  const blank = words.data?.blank;
  if (!blank || (garmentId && !kept.data)) {
    return <NotHere error={kept.error ?? words.error} fetching="Fetching the garment." />;
  }
  return (
    <Sheet
      key={garmentId ?? "new"}
      id={garmentId}
      kept={kept.data?.data ?? { wearer: null, due_on: null, garment: blank }}
      blank={blank}
      version={kept.data?.version ?? null}
    />
  );
}

function Sheet({
  id,
  kept,
  blank,
  version,
}: {
  id: string | undefined;
  kept: GarmentRecord;
  blank: Garment;
  version: number | null;
}) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const takeOff = async (garment: string) => {
    await answered(client.DELETE("/api/v1/garments/{id}", { params: { path: { id: garment } } }));
    await askAgain(queries, "garments");
    void navigate("/");
  };
  const [open, setOpen] = useState<LaterName | null>(null);
  const [rekind, setRekind] = useState(false);
  const [strays, setStrays] = useState<Of<"StrayOn">[]>([]);
  const sheet = useGarmentSheet(id, kept, version, blank, (strayed) =>
    strayed.length > 0 ? setStrays(strayed) : navigate("/"),
  );
  const { setShape, setGarment, known } = sheet;
  const { name } = sheet.record.garment;
  const inHand = useMemo<InHand | null>(
    () =>
      known
        ? {
            id: id ?? "new",
            name: name || "this garment",
            known: known.known_sums,
            putBack: puttingBack(setShape, setGarment),
          }
        : null,
    [id, name, known, setShape, setGarment],
  );
  useInHandForSums(inHand);
  if (strays.length > 0) return <Strayed strays={strays} />;
  const touch = (part: Of<"PartName">) => setOpen(aboutPart[part]);
  return (
    <div className="page">
      <form
        className="hang-table"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          sheet.save();
        }}
      >
        <section className="stack">
          <h1>{id ? sheet.record.garment.name : "Hang a garment"}</h1>
          {(!id || rekind) && (
            <div className="kind-strip">
              <KindChoice sheet={sheet} />
            </div>
          )}
          <Measuring key={sheet.record.garment.shape.kind} sheet={sheet} onPart={touch} />
          <Later sheet={sheet} open={open} onOpen={setOpen} />
          <Faults sheet={sheet} />
        </section>
        <aside className="stack hang-aside">
          <TheWish sheet={sheet} />
          <Whose sheet={sheet} />
          <div className="row">
            <Button type="primary" size="large" htmlType="submit" loading={sheet.saving.isPending}>
              {id ? "Save the garment" : "Hang it on the rail"}
            </Button>
            <Button size="large" onClick={() => navigate("/")}>
              Back to the rail
            </Button>
          </div>
          <Refusal sheet={sheet} />
          {id && (
            <div className="row">
              {!rekind && (
                <Button type="link" onClick={() => setRekind(true)}>
                  It is another kind
                </Button>
              )}
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

/** What was found of the garment so far, and what cannot be read. */
function Faults({ sheet }: { sheet: GarmentSheet }) {
  const { data: solution, error } = sheet.solution;
  const complete = !solution?.warnings.some((warning) => warning.code.startsWith("garment.missing"));
  return (
    <>
      <ul className="minds">
        {solution?.warnings
          .filter((warning) => warning.about.on === "garment" && complete)
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
    </>
  );
}

/** Why it was not saved, and the way to save it all the same where another window was first. */
function Refusal({ sheet }: { sheet: GarmentSheet }) {
  const refused = sheet.saving.error;
  return (
    <>
      {refused && refused.message !== sheet.solution.error?.message && (
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
