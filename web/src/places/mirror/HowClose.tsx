import { Select } from "antd";
import type { Of } from "../../api/client";
import type { Draft } from "../../fitting/useDraft";

/** How close the wearer wants it: it decides the ease that is wanted at every level. */
export function HowClose({ fitting, draft }: { fitting: Of<"Fitting">; draft: Draft }) {
  return (
    <Select
      aria-label="How close it should be"
      className="min-120"
      value={fitting.intention ?? "easy"}
      onChange={(intention) => draft.change((now) => ({ ...now, intention }))}
      options={[
        { value: "close", label: "worn close" },
        { value: "easy", label: "worn easy" },
        { value: "loose", label: "worn loose" },
      ]}
    />
  );
}
