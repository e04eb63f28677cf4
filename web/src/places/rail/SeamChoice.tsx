import { useQuery } from "@tanstack/react-query";
import { Checkbox } from "antd";
import { wordsQuery } from "../../api/queries";
import { Choice } from "../../entry/Choice";
import type { GarmentSheet } from "./useGarmentSheet";

/** Which seams it has; the garment is drawn with them at once. */
export function SeamChoice({ sheet }: { sheet: GarmentSheet }) {
  const words = useQuery(wordsQuery);
  const { shape } = sheet.record.garment;
  const kind = words.data?.kinds.find((each) => each.name === shape.kind);
  if (!kind) return null;
  const usual = kind.seams.filter((each) => each.usual).map((each) => each.name);
  const chosen = shape.seams?.length ? shape.seams : usual;
  const toggle = (name: (typeof usual)[number], on: boolean) =>
    sheet.setShape(() => ({ seams: on ? [...chosen, name] : chosen.filter((each) => each !== name) }));
  return (
    <section className="stack gap-8" aria-label="Seams">
      <h2>Which seams it has</h2>
      <div className="row gap-16 row-gap-4">
        {kind.seams.map((each) => (
          <Checkbox
            key={each.name}
            checked={chosen.includes(each.name)}
            // A garment with no seam at all could not be altered.
            disabled={chosen.length === 1 && chosen.includes(each.name)}
            onChange={(event) => toggle(each.name, event.target.checked)}
          >
            {each.words}
          </Checkbox>
        ))}
      </div>
      {kind.takes_sleeves && (
        <div className="max-260">
          <Choice
            id="sleeves"
            label="Sleeves"
            value={shape.sleeves ?? kind.usual_sleeves}
            onChange={(sleeves) => sheet.setShape(() => ({ sleeves }))}
            options={[
              { value: "none", label: "none" },
              { value: "one_piece", label: "in one piece, underarm seam" },
              { value: "two_piece", label: "in two pieces" },
            ]}
          />
        </div>
      )}
    </section>
  );
}
