import { memo } from "react";
import type { Of } from "../api/client";
import { Drawn } from "./Drawn";

/** A garment by itself as it looks, to a given height or scale. */
export const GarmentDrawing = memo(function GarmentDrawing({
  figure,
  look,
  height,
  scale,
  onPart,
}: {
  figure: Of<"Figure">;
  look?: Of<"Look"> | null | undefined;
  /** Pixels high; or else */
  height?: number;
  /** pixels a millimetre. */
  scale?: number;
  onPart?: (part: Of<"PartName">) => void;
}) {
  const { half_width: half, top, bottom } = figure;
  const pad = 8;
  const box = { w: 2 * half + 2 * pad, h: top - bottom + 2 * pad };
  const px = scale ?? (height ?? 100) / box.h;
  return (
    <svg
      width={box.w * px}
      height={box.h * px}
      viewBox={`${-half - pad} ${-top - pad} ${box.w} ${box.h}`}
      aria-hidden="true"
      className="flex-none"
    >
      <Drawn figure={figure} look={look} perMm={px} onPart={onPart} />
    </svg>
  );
});
