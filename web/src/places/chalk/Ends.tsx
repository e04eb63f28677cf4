import { Select } from "antd";
import { useState } from "react";
import type { Of } from "../../api/client";
import { LengthField } from "../../entry/LengthField";
import type { Draft } from "../../fitting/useDraft";

type Seam = Of<"SeamSolution">;
type Wish = Of<"EndWish">;
type Which = "lower" | "upper";

/** What the line does at both ends, where it is not left to the house. */
export function Ends({ seam, job, draft }: { seam: Seam; job: Of<"Job">; draft: Draft }) {
  const own = job.fitting.ends?.find((each) => each.seam === seam.seam);
  const [wrong, setWrong] = useState<Record<string, string | undefined>>({});
  const set = (which: Which, wish: Wish | null) =>
    draft.change((now) => {
      const others = (now.ends ?? []).filter((each) => each.seam !== seam.seam);
      const next = { ...own, seam: seam.seam, [which]: wish };
      return { ...now, ends: next.lower || next.upper ? [...others, next] : others };
    });
  const lines = seam.lines.filter((line) => "spine" in line);
  return (
    <div className="ends" role="group" aria-label="Ends of the line">
      {(["lower", "upper"] as const).map((which, i) => {
        const may = seam.ends[i];
        const wish = own?.[which];
        const line = lines[0];
        const solved = line && "spine" in line ? line[which] : undefined;
        // Where a fade begins when one is first asked for: where the line has it, or a little inside.
        const usual =
          solved?.end.end === "taper" ? solved.end.at : (which === "lower" ? 0.25 : 0.75) * seam.length;
        const choose = (end: string) =>
          set(
            which,
            end === "taper"
              ? { end: "taper", at: Math.round(usual) }
              : end === "hold"
                ? { end: "hold", height: seam.band || 40 }
                : end === "house"
                  ? null
                  : { end: end as "run_off" | "carry" },
          );
        return (
          <div key={which} className="stack tight">
            <Select
              aria-label={which === "lower" ? "Lower end" : "Upper end"}
              value={wish?.end ?? "house"}
              onChange={choose}
              options={[
                { value: "house", label: `${which} end: as the house has it` },
                { value: "taper", label: `${which} end: fades out at` },
                ...(may?.run_off ? [{ value: "run_off", label: `${which} end: runs off the edge` }] : []),
                ...(may?.hold ? [{ value: "hold", label: `${which} end: holds its depth` }] : []),
                ...(may?.carry ? [{ value: "carry", label: `${which} end: carried across` }] : []),
              ]}
            />
            {wish?.end === "taper" && (
              <LengthField
                name={`${which} end`}
                label={`back on the old stitching, ${which} end`}
                shown={solved?.shown ?? ""}
                wrong={wrong[which]}
                onWrong={(said) => setWrong((now) => ({ ...now, [which]: said }))}
                onLength={(mm) => mm !== undefined && set(which, { end: "taper", at: mm, from: seam.datum })}
              />
            )}
          </div>
        );
      })}
    </div>
  );
}
