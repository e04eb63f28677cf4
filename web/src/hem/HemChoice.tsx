import { Segmented } from "antd";
import type { HemName, HemPlace } from "./wish";

/** Which hem, where a garment has more than one. */
export function HemChoice(props: { places: HemPlace[]; hem: HemName; onChange: (hem: HemName) => void }) {
  if (props.places.length < 2) return null;
  return (
    <Segmented<HemName>
      aria-label="Which hem"
      value={props.hem}
      onChange={props.onChange}
      options={props.places.map((each) => ({ value: each.hem, label: each.words }))}
    />
  );
}
