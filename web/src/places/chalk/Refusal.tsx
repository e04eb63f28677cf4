import { Button } from "antd";
import type { Of } from "../../api/client";
import type { Draft } from "../../fitting/useDraft";

type Line = Extract<Of<"SideLine">, { outcome: "refused" }>;

/** A line that cannot be drawn, with the nearest that can, one press away. */
export function Refusal({ line, seam, draft }: { line: Line; seam: Of<"SeamSolution">; draft: Draft }) {
  const moveEnd = () =>
    draft.change((now) => {
      const wish = (end: Of<"LineEnd">) =>
        end.end === "taper"
          ? { end: "taper" as const, at: end.at }
          : end.end === "hold"
            ? { end: "hold" as const, height: seam.length - end.from }
            : { end: end.end === "carry" ? ("carry" as const) : ("run_off" as const) };
      const ends = line.longer;
      if (!ends) return now;
      return {
        ...now,
        ends: [
          ...(now.ends ?? []).filter((each) => each.seam !== seam.seam),
          { seam: seam.seam, lower: wish(ends.lower), upper: wish(ends.upper) },
        ],
      };
    });
  const acceptDepths = () =>
    draft.change((now) => ({
      ...now,
      accepted: [
        ...(now.accepted ?? []).filter((each) => each.seam !== seam.seam || each.side !== line.side),
        ...(line.shallower ?? []).map((depth) => ({
          seam: seam.seam,
          side: line.side,
          station: depth.station,
          depth: depth.works,
        })),
      ],
    }));
  return (
    <section className="refusal stack" role="alert" data-testid="refusal">
      <h2>This line cannot be drawn</h2>
      <p>{line.message}</p>
      <div className="row">
        {line.longer && (
          <Button type="primary" onClick={moveEnd}>
            Let it fade further
          </Button>
        )}
        {line.shallower && line.shallower.length > 0 && (
          <Button onClick={acceptDepths}>Accept the shallower depth</Button>
        )}
      </div>
    </section>
  );
}
