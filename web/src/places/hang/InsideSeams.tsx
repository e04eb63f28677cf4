import { Checkbox } from "antd";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { Clips } from "./Clips";
import { Lacing } from "./Lacing";
import { SetIn } from "./SetIn";
import type { GarmentSheet, Shape } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";

/** What is inside each seam, where it is clipped, what is set into it, and a laced back. */
export function InsideSeams({ sheet }: { sheet: GarmentSheet }) {
  const { shape } = sheet.record.garment;
  const seams = sheet.known?.pinnable.filter((each) => !each.new_dart) ?? [];
  const lengths = useMemo(
    () =>
      Object.fromEntries(
        (shape.allowances ?? []).flatMap((each) => [
          [`${each.seam} front`, each.front],
          [`${each.seam} back`, each.back],
        ]),
      ),
    [shape.allowances],
  );
  const field = useSheetField(sheet, lengths);
  return (
    <>
      <div className="row choices">
        <Checkbox
          checked={shape.lined ?? false}
          onChange={(event) => sheet.setShape(() => ({ lined: event.target.checked }))}
        >
          Fully lined
        </Checkbox>
        <Checkbox
          checked={shape.underlined ?? false}
          onChange={(event) => sheet.setShape(() => ({ underlined: event.target.checked }))}
        >
          Underlined
        </Checkbox>
      </div>
      <p className="soft">
        What is beyond the stitching, on each edge; leave empty what you have not looked at.
      </p>
      <div className="fields">
        {seams.flatMap(({ seam, words: name, edges }) =>
          (["front", "back"] as const).map((panel, i) =>
            field(`${seam} ${panel}`, `${name}, ${edges[i]}`, (mm) =>
              sheet.setShape(allowance(seam, panel, mm)),
            ),
          ),
        )}
      </div>
      <Clips sheet={sheet} seams={seams} />
      <SetIn sheet={sheet} seams={seams} />
      <Lacing sheet={sheet} />
    </>
  );
}

const allowance =
  (seam: Of<"SeamName">, panel: "front" | "back", mm: number | undefined) => (shape: Shape) => {
    const now = shape.allowances?.find((each) => each.seam === seam);
    const others = (shape.allowances ?? []).filter((each) => each.seam !== seam);
    if (mm === undefined) return { allowances: others };
    return { allowances: [...others, { seam, front: now?.front ?? mm, back: now?.back ?? mm, [panel]: mm }] };
  };
