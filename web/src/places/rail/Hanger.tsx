import type { Of } from "../../api/client";
import { GarmentDrawing } from "../../cloth/GarmentDrawing";
import { WhenSeen } from "./WhenSeen";

/** One scale for the whole rail, in pixels a millimetre, so that garments can be compared. */
export const railScale = 0.24;

/** A garment on its hanger, to the scale of the rail. */
export function Hanger({ hanging, height }: { hanging: Of<"Hanging">; height: number }) {
  const byBand = hanging.by_its_band;
  return (
    <span className="hanger">
      {/* As tall as the longest on its rod, so that all tickets hang alike. */}
      <svg width="0" height={height} aria-hidden="true" />
      <span className="hung">
        <svg width="120" height="48" aria-hidden="true">
          <path
            d="M60 24V17c0-4 7-4 7-9s-4-7-8-7-7 3-7 6"
            fill="none"
            stroke="var(--shade)"
            strokeWidth="2.500"
          />
          {byBand ? (
            <>
              <path d="M12 42h96" stroke="var(--shade)" strokeWidth="4" strokeLinecap="round" />
              <path d="M60 24 16 42M60 24l44 18" stroke="var(--shade)" strokeWidth="2" />
              <path d="M22 38v9M98 38v9" stroke="var(--ink)" strokeWidth="5" />
            </>
          ) : (
            <path
              d="M60 24c-8 5-22 9-40 18M60 24c8 5 22 9 40 18"
              fill="none"
              stroke="var(--shade)"
              strokeWidth="5"
              strokeLinecap="round"
            />
          )}
        </svg>
        {hanging.figure ? (
          <span className={byBand ? "by-its-band" : "by-its-shoulders"}>
            <WhenSeen>
              <GarmentDrawing
                figure={hanging.figure}
                look={hanging.record.garment.cloth?.look}
                scale={railScale}
              />
            </WhenSeen>
          </span>
        ) : (
          <svg width="100" height="200" viewBox="0 0 100 200" aria-hidden="true">
            <path
              d="M16 4h68l8 192H58L50 66l-8 130H8z"
              fill="none"
              stroke="var(--ink-soft)"
              strokeWidth="1.500"
              strokeDasharray="5 5"
            />
            <text x="50" y="48" textAnchor="middle" fontSize="13" fill="var(--ink-soft)">
              not
            </text>
            <text x="50" y="62" textAnchor="middle" fontSize="13" fill="var(--ink-soft)">
              measured
            </text>
          </svg>
        )}
      </span>
    </span>
  );
}
