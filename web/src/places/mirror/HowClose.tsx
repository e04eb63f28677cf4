import { Select } from "antd";
import type { Of } from "../../api/client";
import type { Draft } from "../../fitting/useDraft";

/** How close the wearer wants it: it decides the ease that is wanted at every level. */
export function HowClose({ fitting, draft }: { fitting: Of<"Fitting">; draft: Draft }) {
  return (
    <div className="row labelled">
      <label htmlFor="how-close">Worn</label>
      <Select
        id="how-close"
        className="menu short"
        value={fitting.intention ?? "easy"}
        onChange={(intention) => draft.change((now) => ({ ...now, intention }))}
        options={[
          { value: "close", label: "close" },
          { value: "easy", label: "easy" },
          { value: "loose", label: "loose" },
        ]}
      />
    </div>
  );
}
