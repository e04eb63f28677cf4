import { useQuery } from "@tanstack/react-query";
import { Checkbox } from "antd";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { useSaid } from "../../cloth/useSaid";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";
import { changed } from "../../entry/changed";

type Lace = NonNullable<Of<"Shape">["lacing"]>;

/** A laced back: the gap between its edges at each level, as worn, and how far a panel reaches under. */
export function Lacing({ sheet }: { sheet: GarmentSheet }) {
  const said = useSaid();
  const { lacing, kind } = sheet.record.garment.shape;
  const gaps = lacing?.gaps;
  const lengths = useMemo(
    () => ({
      "lacing overlap": lacing?.overlap,
      ...Object.fromEntries(Object.entries(gaps ?? {}).map(([level, gap]) => [`gap ${level}`, gap])),
    }),
    [lacing, gaps],
  );
  const field = useSheetField(sheet, lengths);
  const set = (change: (now: Lace) => Lace) =>
    sheet.setShape((now) => (now.lacing ? { lacing: change(now.lacing) } : {}));
  const laced = useQuery(wordsQuery).data?.kinds.find((each) => each.name === kind)?.laces_at ?? [];
  if (laced.length === 0) return null;
  return (
    <>
      <Checkbox
        checked={lacing != null}
        onChange={(event) =>
          sheet.setShape(() => ({ lacing: event.target.checked ? { gaps: {}, overlap: 25 } : null }))
        }
      >
        The back is laced
      </Checkbox>
      {lacing && (
        <div className="fields">
          {laced.map((level) =>
            field(`gap ${level}`, `gap at the ${said.level(level)}`, (mm) =>
              set((now) => ({ ...now, gaps: changed(now.gaps, level, mm) })),
            ),
          )}
          {field(
            "lacing overlap",
            "panel under each edge",
            (mm) => mm !== undefined && set((now) => ({ ...now, overlap: mm })),
          )}
        </div>
      )}
    </>
  );
}
