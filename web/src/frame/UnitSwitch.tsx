import { Select } from "antd";
import { useTape } from "./tape";

/** The unit and rounding on the tape. */
export default function UnitSwitch() {
  const tape = useTape();
  return (
    <Select
      aria-label="Unit on the tape"
      value={tape.value}
      className="unit-switch"
      options={tape.options}
      onChange={tape.choose}
    />
  );
}
