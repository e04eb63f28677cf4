import { useState } from "react";
import { HemRing } from "../../cloth/HemRing";
import type { AtWork } from "../../fitting/atWork";
import { useIsFriend } from "../../fitting/friend";
import { UndoButton } from "../../fitting/UndoButton";
import { HemChoice } from "../../hem/HemChoice";
import { HemWanted } from "../../hem/HemWanted";
import { changeWish, type HemName, newWish, sidesOf, wishOf } from "../../hem/wish";
import type { Of } from "../../api/client";
import { Degrees } from "./Degrees";
import { HemPad } from "./HemPad";
import { HemReadings } from "./HemReadings";
import { MirrorTabs } from "../../frame/TableTabs";
import "./mirror.css";

/** The hem on the body: read it round, in turning order. */
export default function HemMirror({ id, draft, job, solution }: AtWork) {
  const friend = useIsFriend();
  const places = solution.hem_places;
  const asked = job.fitting.hems?.[0]?.hem;
  const [chosen, setHem] = useState<HemName | undefined>(asked);
  const place = places.find((each) => each.hem === chosen) ?? places[0];
  const [side, setSide] = useState<Of<"Side">>("left");
  const [at, setAt] = useState(0);
  if (!place) {
    return (
      <div className="page stack">
        <MirrorTabs id={id} />
        <h1>No hem is drawn yet</h1>
        <p>{solution.warnings.find((warning) => warning.code.startsWith("garment."))?.message}</p>
      </div>
    );
  }
  const sides = sidesOf(place);
  const on = sides.includes(side) ? side : (sides[0] ?? "centre");
  const wish = wishOf(job.fitting, place.hem) ?? newWish(place.hem);
  const solved = solution.hems.find((each) => each.hem === place.hem);
  const spots = place.spots;
  const goOn = () => {
    const next = spots.findIndex((spot) => spot.at > at + 0.5);
    setAt(spots[next]?.at ?? 0);
    // Once round one leg, the other is read.
    if (next < 0 && sides.length > 1) setSide(on === "left" ? "right" : "left");
  };
  return (
    <div className="page mirror hem-mirror">
      <section aria-label="The hem from above" className="stack">
        <MirrorTabs id={id} />
        <div className="row spread wide-only">
          <h1>The hem, read round</h1>
          <UndoButton draft={draft} />
        </div>
        <h1 className="visually-hidden phone-only">The hem, read round</h1>
        <div className="row">
          <HemChoice places={places} hem={place.hem} onChange={setHem} />
          {sides.length > 1 && (
            <div className="side-keys grow" role="group" aria-label="Side">
              {sides.map((each) => (
                <button
                  key={each}
                  type="button"
                  className="seam-key"
                  aria-pressed={each === on}
                  onClick={() => setSide(each)}
                >
                  {each}
                </button>
              ))}
            </div>
          )}
        </div>
        <HemRing place={place} solved={solved} side={on} at={at} onPick={setAt} />
        <Degrees at={at} open={place.open} onPick={setAt} />
        <p className="upright">
          {place.hem === "sleeve"
            ? "Arm hanging, slightly bent, eyes ahead."
            : "Upright, shoes on, eyes ahead: turn in place, never look down. A friend or a fixed ruler reads."}
        </p>
        {!friend && (
          <div className="wide-only">
            <HemWanted
              place={place}
              wish={wish}
              solved={solved}
              change={(change) => changeWish(draft, place.hem, change)}
            />
          </div>
        )}
      </section>
      <aside className="stack mirror-side">
        <HemPad
          id={id}
          place={place}
          side={on}
          at={at}
          floor={wish.wanted.from !== "pins" && place.hem !== "sleeve"}
          garment={job.garment}
          habits={job.habits}
          onPick={setAt}
          onGoOn={goOn}
        />
        {!friend && (
          <details className="phone-only">
            <summary>Where it shall be</summary>
            <HemWanted
              place={place}
              wish={wish}
              solved={solved}
              change={(change) => changeWish(draft, place.hem, change)}
            />
          </details>
        )}
        {solved?.waits && <p className="soft">{solved.waits}</p>}
        <HemReadings
          solved={solved}
          onRemove={(reading) =>
            changeWish(draft, place.hem, (now) => ({
              ...now,
              readings: (now.readings ?? []).filter((each) => each.id !== reading),
            }))
          }
        />
      </aside>
    </div>
  );
}
