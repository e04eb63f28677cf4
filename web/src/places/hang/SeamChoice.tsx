import { useQuery } from "@tanstack/react-query";
import { Checkbox, Select } from "antd";
import type { Of } from "../../api/client";
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
  const stitched = kind.seams.filter((each) => !each.dart && chosen.includes(each.name));
  const toggle = (name: (typeof usual)[number], on: boolean) =>
    sheet.setShape(() => ({ seams: on ? [...chosen, name] : chosen.filter((each) => each !== name) }));
  return (
    <section className="stack" aria-label="Which seams it has">
      <div className="row choices">
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
        <div className="seam-more">
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
      <div className="row">
        <SeamPick
          name="Topstitched seams"
          none="No topstitching"
          as="topstitched"
          seams={stitched}
          picked={shape.topstitched ?? []}
          onChange={(topstitched) => sheet.setShape(() => ({ topstitched }))}
        />
        <SeamPick
          name="Felled seams"
          none="No felled seams"
          as="felled"
          seams={stitched}
          picked={shape.felled ?? []}
          onChange={(felled) => sheet.setShape(() => ({ felled }))}
        />
      </div>
    </section>
  );
}

/** Which of the garment's seams are made in some way. */
function SeamPick(props: {
  name: string;
  none: string;
  as: string;
  seams: Of<"SeamWords">[];
  picked: Of<"SeamName">[];
  onChange: (picked: Of<"SeamName">[]) => void;
}) {
  return (
    <Select
      mode="multiple"
      aria-label={props.name}
      className="seam-pick"
      placeholder={props.none}
      value={props.picked}
      onChange={props.onChange}
      options={props.seams.map(({ name, words }) => ({ value: name, label: `${props.as}: ${words}` }))}
    />
  );
}
