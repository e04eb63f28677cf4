import { Select } from "antd";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import { ShapeList } from "./ShapeList";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";

/** Where the allowance is clipped or notched: no more can be let out there than the clip leaves. */
export function Clips({ sheet, seams }: { sheet: GarmentSheet; seams: Of<"PinnableSeam">[] }) {
  const clips = sheet.record.garment.shape.clips;
  const lengths = useMemo(
    () =>
      Object.fromEntries(
        (clips ?? []).flatMap((each, i) => [
          [`clip ${i} at`, each.station],
          [`clip ${i} left`, each.left],
        ]),
      ),
    [clips],
  );
  const field = useSheetField(sheet, lengths);
  const first = seams[0]?.seam;
  return (
    <ShapeList
      sheet={sheet}
      list={[(shape) => shape.clips, (clips) => ({ clips })]}
      add="The allowance is clipped somewhere"
      fresh={first && { seam: first, station: 100, left: 5 }}
      row={(clip, i, set) => (
        <>
          <Select
            aria-label={`Clipped seam, ${i + 1}`}
            className="menu"
            value={clip.seam}
            onChange={(seam) => set({ seam })}
            options={seams.map((each) => ({ value: each.seam, label: each.words }))}
          />
          {field(
            `clip ${i} at`,
            "clipped at, from the lower end",
            (mm) => mm !== undefined && set({ station: mm }),
          )}
          {field(
            `clip ${i} left`,
            "left beside the stitching",
            (mm) => mm !== undefined && set({ left: mm }),
          )}
        </>
      )}
    />
  );
}
