import type { Of } from "../api/client";
import { useSaid } from "./useSaid";
import { Drawn } from "./Drawn";
import { FigurePin, type PinOnFigure, type SlidTo } from "./FigurePin";
import { pathOf } from "./pathOf";
import "./cloth.css";

type Figure = Of<"Figure">;
type SeamName = Of<"SeamName">;
type Side = Of<"Side">;

/** The garment over its wearer, from the front or the back; each seam can be touched. */
export function GarmentFigure(props: {
  view: "front" | "back";
  figure: Figure;
  /** How its cloth looks. */
  look?: Of<"Look"> | null | undefined;
  body?: Figure | null;
  levels: Of<"LevelMark">[];
  /** Seams that take pins; the others are drawn and cannot be touched. */
  pinnable: SeamName[];
  pins: PinOnFigure[];
  seam: SeamName;
  side: Side;
  onPick: (seam: SeamName, side: Side) => void;
  /** Slides a pin along its seam; settled once it stands there. */
  onSlide: (id: string, to: SlidTo) => Promise<void>;
}) {
  const { figure, body, view } = props;
  const said = useSaid();
  // Where there are sleeves, they say where the arms are.
  const sleeved = figure.pieces.some((piece) => piece.part === "sleeve");
  const wearer = (body?.pieces ?? []).filter((piece) => !sleeved || piece.part !== "sleeve");
  // The garment and a little of who wears it.
  const half = figure.half_width + 92;
  const top = Math.min(figure.top + 190, Math.max(figure.top + 30, body?.top ?? 0));
  const bottom = Math.max(figure.bottom - 90, Math.min(figure.bottom - 24, body?.bottom ?? 0));
  const type = Math.max(19, (top - bottom) / 46);
  return (
    <figure>
      <svg
        viewBox={`${-half} ${-top} ${2 * half} ${top - bottom}`}
        className="garment-figure"
        role="group"
        aria-label={`The garment from the ${view}`}
      >
        {wearer.map((piece, i) => (
          <path key={i} d={pathOf(piece.outline, true)} className="wearer-piece" />
        ))}
        <g className="over-wearer">
          <Drawn figure={figure} look={props.look} perMm={0.5} seams={false} />
        </g>
        {props.levels
          .filter((level) => !level.on_sleeve)
          .map((level) => (
            <g key={level.level}>
              <line
                x1={-half}
                x2={half}
                y1={-level.height}
                y2={-level.height}
                stroke="var(--edge)"
                strokeWidth="1.2"
                strokeDasharray="3 7"
              />
              <text
                x={-half + 3}
                y={-level.height - 5}
                fontSize={type}
                fill="var(--ink-soft)"
                className="level-name"
              >
                {said.level(level.level)}
              </text>
            </g>
          ))}
        {figure.seams
          // A place for a dart shows while it is picked or pinned.
          .filter(
            (each) =>
              !each.absent || each.seam === props.seam || props.pins.some((pin) => pin.seam === each.seam),
          )
          .map((each) => {
            const chosen = each.seam === props.seam && each.side === props.side;
            const pinnable = props.pinnable.includes(each.seam);
            return (
              <g key={each.seam + each.side}>
                <path
                  d={pathOf(each.points)}
                  fill="none"
                  stroke={chosen ? "var(--thread)" : "var(--ink)"}
                  strokeWidth={chosen ? 8 : pinnable ? 3 : 1.5}
                  strokeDasharray={chosen ? undefined : "11 8"}
                  strokeLinecap="round"
                />
                {pinnable && (
                  <path
                    d={pathOf(each.points)}
                    fill="none"
                    stroke="transparent"
                    strokeWidth="44"
                    className="touchable"
                    onClick={() => props.onPick(each.seam, each.side)}
                  />
                )}
              </g>
            );
          })}
        {props.pins.map((pin) => {
          const course = figure.seams.find((each) => each.seam === pin.seam && each.side === pin.side);
          return (
            course && (
              <FigurePin
                key={pin.id}
                pin={pin}
                course={course.points}
                onPick={() => props.onPick(pin.seam, pin.side)}
                onSlide={(to) => props.onSlide(pin.id, to)}
              />
            )
          );
        })}
      </svg>
      <figcaption className="soft">
        {view === "front" ? "front, as in the mirror" : "back"}: the wearer's left is on the left
      </figcaption>
    </figure>
  );
}
