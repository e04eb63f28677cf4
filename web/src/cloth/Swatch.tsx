import { useId } from "react";
import type { Of } from "../api/client";
import { BorderPattern, WeavePattern } from "./Weave";

/** A piece of a named cloth, to scale, to choose it by. */
export function Swatch({
  named,
  repeat,
  chosen,
  onChoose,
}: {
  named: Of<"NamedCloth">;
  repeat: number;
  chosen: boolean;
  onChoose: () => void;
}) {
  const id = useId().replace(/\W/g, "");
  const look = named.cloth.look;
  return (
    <button type="button" className="swatch" aria-pressed={chosen} onClick={onChoose}>
      {look && (
        <svg viewBox="-75 -60 150 60" preserveAspectRatio="xMidYMid slice" aria-hidden="true">
          <defs>
            {look.weave === "border" ? (
              <BorderPattern id={id} colour={look.colour} height={40} bottom={0} />
            ) : (
              <WeavePattern id={id} look={look} repeat={repeat} lean={0} />
            )}
          </defs>
          <rect x="-75" y="-60" width="150" height="60" fill={look.colour} />
          {look.weave === "border" && look.second && (
            <rect x="-75" y="-40" width="150" height="40" fill={look.second} />
          )}
          <rect
            x="-75"
            y={look.weave === "border" ? -40 : -60}
            width="150"
            height="60"
            fill={`url(#${id})`}
          />
        </svg>
      )}
      {named.words}
    </button>
  );
}
