import { Button } from "antd";
import { useState } from "react";
import { HemUnrolled } from "../../cloth/HemUnrolled";
import type { AtWork } from "../../fitting/atWork";
import { UndoButton } from "../../fitting/UndoButton";
import { HemChoice } from "../../hem/HemChoice";
import { HemMaking } from "../../hem/HemMaking";
import { HemWanted } from "../../hem/HemWanted";
import {
  changeWish,
  dropWish,
  type HemName,
  type HemPlace,
  type HemSolution,
  newWish,
  wishOf,
} from "../../hem/wish";
import { KeptSums } from "../../sums/KeptSums";
import { HemSays } from "./HemSays";
import { HemTable } from "./HemTable";
import { Minds } from "./Minds";
import { SheetLinks } from "./SheetLinks";
import { TableTabs } from "../../frame/TableTabs";
import { WaistTable } from "./WaistTable";
import "./chalk.css";

/** The hem at the table: unrolled, with its lines to chalk, what will not lie flat and what to do about it. */
export default function HemPage({ id, draft, job, solution }: AtWork) {
  const places = solution.hem_places;
  const asked = job.fitting.hems?.[0]?.hem;
  const [chosen, setHem] = useState<HemName | undefined>(asked);
  const place = places.find((each) => each.hem === chosen) ?? places[0];
  if (!place) {
    return (
      <div className="page stack">
        <TableTabs id={id} />
        <h1>No hem is drawn yet</h1>
        <Minds id={id} warnings={solution.warnings} />
      </div>
    );
  }
  const known = wishOf(job.fitting, place.hem);
  const solved = solution.hems.find((each) => each.hem === place.hem);
  const here = { on: "hem" as const, hem: place.hem };
  return (
    <div className="page stack">
      <TableTabs id={id} />
      <div className="row spread">
        <div className="row">
          <h1>{title(place)}</h1>
          <HemChoice places={places} hem={place.hem} onChange={setHem} />
        </div>
        <div className="row">
          {known && <Button onClick={() => dropWish(draft, place.hem)}>Leave it as it is</Button>}
          <UndoButton draft={draft} />
          <SheetLinks id={id} />
        </div>
      </div>
      {known ? (
        <>
          <Unrolled solved={solved} />
          {solved?.waits && <p className="refusal">{solved.waits}</p>}
          {solved?.refused && (
            <div className="refusal stack" data-testid="hem-refused">
              <p>{solved.refused}</p>
              <div className="row">
                {solved.mends.map(({ words, kind, allowance }) => (
                  <Button
                    key={words}
                    onClick={() =>
                      changeWish(draft, place.hem, (now) => ({ ...now, kind, allowance: allowance ?? null }))
                    }
                  >
                    {words}
                  </Button>
                ))}
              </div>
            </div>
          )}
          <div className="hem-page">
            <section className="stack" aria-label="What is wanted">
              <HemWanted
                place={place}
                wish={known}
                solved={solved}
                change={(change) => changeWish(draft, place.hem, change)}
              />
              <HemMaking
                place={place}
                wish={known}
                solved={solved}
                lined={job.garment.shape.lined ?? false}
                change={(change) => changeWish(draft, place.hem, change)}
              />
            </section>
            <section className="stack" aria-label="Chalk table of the hem">
              {solved?.uncut?.at === "waist" && <WaistTable waist={solved.uncut} />}
              {solved?.sides.map((side) => (
                <HemTable key={side.side} solved={solved} side={side} />
              ))}
            </section>
            <section className="stack" aria-label="How it will lie">
              {solved && <HemSays solved={solved} />}
              <Minds
                id={id}
                here={here}
                warnings={solution.warnings.filter(
                  (each) =>
                    each.about.on === "hem" &&
                    each.about.hem === place.hem &&
                    ![
                      "hem.turn_up",
                      "hem.refused",
                      "hem.waits",
                      "hem.pair",
                      "hem.uneven",
                      "hem.collision",
                    ].includes(each.code),
                )}
              />
              <KeptSums sums={solution.sums} draft={draft} />
            </section>
          </div>
        </>
      ) : (
        <div className="patch stack prose">
          <p>The {place.words} stays as it is. Read it round at the Mirror, or say here where it shall be.</p>
          <div className="row">
            <Button
              type="primary"
              onClick={() =>
                changeWish(draft, place.hem, () => ({
                  ...newWish(place.hem),
                  wanted: { from: "edge", shorten: 30 },
                }))
              }
            >
              Change the {place.words}
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}

const title = (place: HemPlace) =>
  place.hem === "sleeve" ? "The sleeve hems" : place.paired ? "The hems of both legs" : "The hem";

/** One hem across the page, or both legs side by side. */
function Unrolled({ solved }: { solved: HemSolution | undefined }) {
  const sides = solved?.uncut ? [] : (solved?.sides ?? []);
  if (!solved || sides.length === 0) return null;
  // Drawn in the room there is, so that its words stay as large as all others.
  const narrow = window.innerWidth <= 1100;
  const room = Math.min(window.innerWidth, 1280) - (narrow ? 60 : 80);
  return (
    <div className="hems-unrolled" style={{ gridTemplateColumns: `repeat(${sides.length}, minmax(0, 1fr))` }}>
      {sides.map((side) => (
        <figure key={side.side} className="patch">
          {sides.length > 1 && <figcaption>{side.side}</figcaption>}
          <HemUnrolled
            solved={solved}
            side={side}
            beside={sides}
            width={Math.min(narrow ? room : room / sides.length, 110 + 1.9 * side.unrolled.length)}
          />
        </figure>
      ))}
    </div>
  );
}
