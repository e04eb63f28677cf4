import { useQuery } from "@tanstack/react-query";
import { wordsQuery } from "../../api/queries";
import { KindMark } from "../../cloth/KindMark";
import type { GarmentSheet, Kind } from "./useGarmentSheet";
import "./hang.css";

/** What it is: the template that is drawn, and the measures that are asked for. */
export function KindChoice({ sheet }: { sheet: GarmentSheet }) {
  const words = useQuery(wordsQuery);
  const now = sheet.record.garment.shape.kind;
  const choose = (kind: Kind) => {
    const known = words.data?.kinds.find((each) => each.name === kind);
    sheet.setShape((shape) => ({
      kind,
      // What was measured stays; seams and sleeves begin as such a garment usually has them.
      seams: [],
      sleeves: null,
      band: { ...shape.band, height: known?.has_band ? shape.band?.height || 38 : 0 },
    }));
  };
  return (
    <fieldset className="kinds">
      <legend className="visually-hidden">What is it?</legend>
      {words.data?.kinds.map((kind) => (
        <button
          key={kind.name}
          type="button"
          className="kind"
          aria-pressed={kind.name === now}
          onClick={() => choose(kind.name)}
        >
          <KindMark kind={kind.name} />
          {kind.words}
        </button>
      ))}
    </fieldset>
  );
}
