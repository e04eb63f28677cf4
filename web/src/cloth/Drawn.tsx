import { memo, useId } from "react";
import type { Of } from "../api/client";
import { pathOf } from "./pathOf";
import { isDark } from "./tone";
import { BorderPattern, WeavePattern } from "./Weave";
import "./drawn.css";

type Figure = Of<"Figure">;
type Look = Of<"Look">;
type PartName = Of<"PartName">;

/** A repeat that is fewer pixels than this is seen as one tone. */
const finest = 2.4;

/** What is painted as the cloth's ground where nobody has said how it looks. */
const unsaid = "var(--cloth-fold)";

/** Seams that show as such; the others are edges of the drawing, or lie under an arm. */
const telling: Of<"SeamName">[] = [
  "centre_front",
  "centre_back",
  "princess_front",
  "princess_back",
  "front_dart",
  "back_dart",
  "waist_seam",
  "yoke",
  "sleeve_back",
];

/** Pieces that lie in another's shade. */
const shaded: PartName[] = ["sleeve"];

/**
 * A garment as it looks, in millimetres, to be put into an SVG: its pieces in their cloth, its lines, its buttons. The one
 * drawing that rail, shelf, mirror, bench and book share.
 */
export const Drawn = memo(function Drawn({
  figure,
  look,
  perMm,
  seams = true,
  onPart,
}: {
  figure: Figure;
  look?: Look | null | undefined;
  /** Pixels a millimetre, so that what cannot be seen is not drawn. */
  perMm: number;
  /** Seams are drawn too, those that tell garments apart. */
  seams?: boolean;
  /** A part is touched. */
  onPart?: ((part: PartName) => void) | undefined;
}) {
  const own = useId().replace(/\W/g, "");
  const ground = look?.colour ?? unsaid;
  const every = figure.repeat;
  const woven = look && look.weave !== "border" && every * perMm >= finest ? look : null;
  const leans = woven ? [...new Set(figure.pieces.map((piece) => piece.lean))] : [];
  const fill = (lean: number) => `w${own}${leans.indexOf(lean)}`;
  return (
    <g className={look && isDark(look.colour) ? "drawn on-dark" : "drawn"}>
      <defs>
        {woven &&
          leans.map((lean) => (
            <WeavePattern key={lean} id={fill(lean)} look={woven} repeat={every} lean={lean} />
          ))}
        {look?.weave === "border" && (
          <BorderPattern id={`b${own}`} colour={look.colour} height={every} bottom={hemOf(figure)} />
        )}
        {look?.weave === "velvet" && (
          <linearGradient id={`v${own}`} x1="0" x2="1" y1="0" y2="0">
            <stop offset="0" className="sheen" stopOpacity="0" />
            <stop offset=".3" className="sheen" stopOpacity=".22" />
            <stop offset=".5" className="sheen" stopOpacity="0" />
            <stop offset=".74" className="sheen" stopOpacity=".26" />
            <stop offset="1" className="sheen" stopOpacity="0" />
          </linearGradient>
        )}
      </defs>
      {figure.pieces.map((piece, i) => {
        const d = pathOf(piece.outline, true);
        const inside = piece.part === "inside";
        const border = piece.part === "border";
        return (
          <g
            key={i}
            data-part={piece.part}
            className={onPart ? "part-touched" : undefined}
            onClick={onPart && (() => onPart(piece.part))}
          >
            <path
              d={d}
              fill={
                inside ? (look?.lining ?? ground) : border ? (look?.second ?? "var(--cloth-shade)") : ground
              }
            />
            {inside && <path d={d} className="in-shade deep" />}
            {border && look?.weave === "border" && <path d={d} fill={`url(#b${own})`} />}
            {woven && !inside && !border && <path d={d} fill={`url(#${fill(piece.lean)})`} />}
            {look?.weave === "velvet" && !inside && <path d={d} fill={`url(#v${own})`} />}
            {shaded.includes(piece.part) && <path d={d} className="in-shade" />}
            <path d={d} className="drawn-edge" />
          </g>
        );
      })}
      {figure.lines.map((line, i) => (
        <path key={i} d={pathOf(line.points)} className={`drawn-line ${line.line}`} />
      ))}
      {seams &&
        figure.seams
          .filter((each) => !each.absent && telling.includes(each.seam))
          .map((each) => (
            <path key={each.seam + each.side} d={pathOf(each.points)} className="drawn-line seam" />
          ))}
      {figure.buttons.map(([x, y, r], i) => (
        <circle key={i} cx={x} cy={-(y ?? 0)} r={r} className="drawn-button" />
      ))}
    </g>
  );
});

/** Height of the edge a border lies at. */
const hemOf = (figure: Figure) =>
  Math.min(
    ...figure.pieces
      .filter((piece) => piece.part === "border")
      .flatMap((piece) => piece.outline.map(([, y]) => y ?? 0)),
    figure.top,
  );
