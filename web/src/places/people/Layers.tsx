import { Button, Input } from "antd";
import { useMemo, useState } from "react";
import type { Of } from "../../api/client";
import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";

type Layer = Of<"Layer">;
type Change = (layers: Layer[]) => Layer[];

/** What is worn underneath: a layer takes ease of its own. */
export function Layers({ layers, onLayers }: { layers: Layer[]; onLayers: (change: Change) => void }) {
  const [wrong, setWrong] = useState<Record<string, string | undefined>>({});
  const shown = useShown(
    useMemo(() => Object.fromEntries(layers.map((layer, i) => [`layer ${i}`, layer.thickness])), [layers]),
  );
  const change = (at: number, how: Partial<Layer>) =>
    onLayers((now) => now.map((layer, i) => (i === at ? { ...layer, ...how } : layer)));
  return (
    <div className="stack layers">
      <h2>Worn underneath</h2>
      {layers.map((layer, i) => (
        <div className="row layer" key={i}>
          <div className="field grow">
            <label htmlFor={`layer-${i}`}>Layer</label>
            <Input
              id={`layer-${i}`}
              defaultValue={layer.name}
              onBlur={(event) => event.target.value !== layer.name && change(i, { name: event.target.value })}
            />
          </div>
          <LengthField
            label="thickness"
            name={`layer ${i}`}
            shown={shown?.[`layer ${i}`]}
            wrong={wrong[`layer ${i}`]}
            onWrong={(said) => setWrong((now) => ({ ...now, [`layer ${i}`]: said }))}
            onLength={(mm) => mm !== undefined && change(i, { thickness: mm })}
          />
          <Button onClick={() => onLayers((now) => now.filter((_, j) => j !== i))}>Take off</Button>
        </div>
      ))}
      <div>
        <Button onClick={() => onLayers((now) => [...now, { name: "layer", thickness: 1 }])}>
          Add a layer
        </Button>
      </div>
    </div>
  );
}
