import { InputNumber } from "antd";
import type { SyntheticEvent } from "react";

/** A place between the named ones, in degrees from where the reading begins; the ring can be touched as well. */
export function Degrees({ at, open, onPick }: { at: number; open: boolean; onPick: (at: number) => void }) {
  const pick = (event: SyntheticEvent<HTMLInputElement>) => {
    const typed = Number(event.currentTarget.value);
    if (typed !== at && typed >= 0 && typed <= 360) onPick(typed === 360 && !open ? 0 : typed);
  };
  return (
    <label className="row wide-only degrees">
      <span className="soft">or anywhere on the ring, at</span>
      <InputNumber
        aria-label="Degrees round the hem"
        min={0}
        max={360}
        step={5}
        key={at}
        defaultValue={at}
        onBlur={pick}
        onPressEnter={pick}
      />
      <span className="soft">degrees</span>
    </label>
  );
}
