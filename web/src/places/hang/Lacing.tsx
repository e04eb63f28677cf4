import { Checkbox } from "antd";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { levelWords } from "../../cloth/Balance";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";
import { changed } from "../../entry/changed";

type Lace = NonNullable<Of<"Shape">["lacing"]>;
const laced: Of<"LevelName">[] = ["bust", "under_bust", "waist", "high_hip"];

/** A laced back: the gap between its edges at each level, as worn, and how far a panel reaches under. */
export function Lacing({ sheet }: { sheet: GarmentSheet }) {
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
  // Only what hangs from the shoulders is laced.
  if (["trousers", "sweatpants", "straight_skirt", "flared_skirt", "overalls"].includes(kind)) return null;
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
            field(`gap ${level}`, `gap at the ${levelWords(level)}`, (mm) =>
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
