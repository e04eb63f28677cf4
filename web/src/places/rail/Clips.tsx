import { Button, Select } from "antd";
import { useMemo } from "react";
import type { Of } from "../../api/client";
import type { GarmentSheet } from "./useGarmentSheet";
import { useSheetField } from "./useSheetField";

type Clip = Of<"Clip">;

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
  const set = (i: number, change: Partial<Clip>) =>
    sheet.setShape((now) => ({
      clips: (now.clips ?? []).map((each, at) => (at === i ? { ...each, ...change } : each)),
    }));
  const first = seams[0]?.seam;
  return (
    <>
      {(clips ?? []).map((clip, i) => (
        <div className="row" key={i} style={{ alignItems: "flex-end", gap: 10 }}>
          <Select
            aria-label={`Clipped seam, ${i + 1}`}
            style={{ minWidth: 160 }}
            value={clip.seam}
            onChange={(seam) => set(i, { seam })}
            options={seams.map((each) => ({ value: each.seam, label: each.words }))}
          />
          {field(
            `clip ${i} at`,
            "clipped at, from the lower end",
            (mm) => mm !== undefined && set(i, { station: mm }),
          )}
          {field(
            `clip ${i} left`,
            "left beside the stitching",
            (mm) => mm !== undefined && set(i, { left: mm }),
          )}
          <Button
            onClick={() => sheet.setShape((now) => ({ clips: now.clips?.filter((_, at) => at !== i) ?? [] }))}
          >
            Take out
          </Button>
        </div>
      ))}
      {first && (
        <div className="row">
          <Button
            onClick={() =>
              sheet.setShape((now) => ({
                clips: [...(now.clips ?? []), { seam: first, station: 100, left: 5 }],
              }))
            }
          >
            The allowance is clipped somewhere
          </Button>
        </div>
      )}
    </>
  );
}
