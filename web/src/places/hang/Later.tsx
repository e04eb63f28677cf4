import { useState } from "react";
import { ClothChoice } from "./ClothChoice";
import { ClothNature } from "./ClothNature";
import { InsideSeams } from "./InsideSeams";
import { NearHems } from "./NearHems";
import { PartsChoice } from "./PartsChoice";
import { SeamChoice } from "./SeamChoice";
import type { GarmentSheet } from "./useGarmentSheet";
import { WantedEase } from "./WantedEase";
import { WashTest } from "./WashTest";
import type { LaterName } from "./later";
import { later } from "./later";
import { keysOf } from "../../entry/keysOf";

/** What else may be known of a garment: one subject at a time, by name or by touching the part it is about. */
export function Later({
  sheet,
  open,
  onOpen,
}: {
  sheet: GarmentSheet;
  open: LaterName | null;
  onOpen: (name: LaterName | null) => void;
}) {
  const [seen, setSeen] = useState(new Set<LaterName>());
  if (open && !seen.has(open)) setSeen(new Set([...seen, open]));
  return (
    <section aria-label="What else is known of it" className="stack">
      <div className="later">
        {keysOf(later).map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={open === name}
            onClick={() => onOpen(open === name ? null : name)}
          >
            {later[name]}
          </button>
        ))}
      </div>
      {open === null && (
        <p className="soft">
          None of it is needed to begin. Each is asked again where it first matters; or touch the part on the
          drawing.
        </p>
      )}
      {keysOf(later).map(
        (name) =>
          seen.has(name) && (
            // What was typed there stays there, read or not.
            <div key={name} hidden={name !== open} className="stack later-part">
              <Subject name={name} sheet={sheet} />
            </div>
          ),
      )}
    </section>
  );
}

function Subject({ name, sheet }: { name: LaterName; sheet: GarmentSheet }) {
  switch (name) {
    case "cloth":
      return (
        <>
          <ClothChoice sheet={sheet} />
          <ClothNature sheet={sheet} />
          <WashTest sheet={sheet} />
        </>
      );
    case "parts":
      return <PartsChoice sheet={sheet} />;
    case "seams":
      return <SeamChoice sheet={sheet} />;
    case "inside":
      return <InsideSeams sheet={sheet} />;
    case "hem":
      return <NearHems sheet={sheet} places={sheet.known?.hem_places ?? []} />;
    case "ease":
      return <WantedEase sheet={sheet} />;
  }
}
