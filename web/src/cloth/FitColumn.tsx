import type { Of } from "../api/client";
import { FitRing } from "./FitRing";
import type { Upright } from "./FitFigures";
import type { Which } from "./fitTones";
import { spread } from "./spread";
import { useSaid } from "./useSaid";

/** A row's height, where its ring stands and where its words begin, in pixels. */
export const ROW = 56;
const RING = 92;
const WORDS = 146;
const WIDE = 480;

/** The rings in one column, each at its height on the figure beside them or as near as the others let it. */
export function FitColumn(props: { rings: Of<"FitRing">[]; which: Which; upright: Upright }) {
  const { rings, which, upright } = props;
  const said = useSaid();
  const heights = rings.map((ring) => (upright.top - ring.height) * upright.scale);
  const rows = spread(heights, ROW, [ROW / 2, upright.height - ROW / 2]);
  const wide = Math.max(
    ...rings.flatMap((ring) => [...ring.before, ...ring.after]).map((p) => Math.abs(p[0] ?? 0)),
  );
  const deep = Math.max(
    ...rings.flatMap((ring) => [...ring.before, ...ring.after]).map((p) => Math.abs(p[1] ?? 0)),
  );
  const scale = Math.min(46 / wide, (ROW - 8) / 2 / deep);
  return (
    <svg
      className="fit-column"
      viewBox={`0 0 ${WIDE} ${upright.height}`}
      width={WIDE}
      height={upright.height}
      role="list"
      aria-label="Levels"
      data-testid="rings"
    >
      {rings.map((ring, i) => {
        const y = rows[i] ?? 0;
        const verdict = ring.verdicts[which];
        return (
          <g key={ring.level + (ring.side ?? "")} role="listitem" data-level={ring.level}>
            <path className="fit-leader" d={`M0 ${heights[i]}L${RING - 56} ${y}`} />
            <FitRing ring={ring} which={which} at={[RING, y]} scale={scale} />
            <foreignObject x={WORDS} y={y - ROW / 2} width={WIDE - WORDS} height={ROW}>
              <div className="ring-row">
                <div>
                  <strong>
                    {ring.words}
                    {ring.side ? `, ${ring.side}` : ""}
                  </strong>{" "}
                  <span className="ring-ease">
                    {ring.estimated ? "≈ " : ""}
                    {ring.ease[which]}
                  </span>
                  {verdict && <span className={`fit-word ${verdict}`}> {said.verdict(verdict)}</span>}
                </div>
                <div className="soft small">{ring.said[which]}</div>
              </div>
            </foreignObject>
          </g>
        );
      })}
    </svg>
  );
}
