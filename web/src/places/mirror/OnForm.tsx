import { useQuery } from "@tanstack/react-query";
import { Select } from "antd";
import type { Of } from "../../api/client";
import { wearersQuery } from "../../api/queries";
import type { Draft } from "../../fitting/useDraft";

/** Who the garment is on: its wearer, or a dress form measured under People. */
export function OnForm({ fitting, draft }: { fitting: Of<"Fitting">; draft: Draft }) {
  const wearers = useQuery(wearersQuery);
  const bodies =
    wearers.data?.flatMap(({ id, wearer }) => {
      const body = wearer.measured?.at(-1);
      return body ? [{ id, name: wearer.name, body }] : [];
    }) ?? [];
  const same = (one: Of<"Body">, other: Of<"Body">) =>
    JSON.stringify(one.measures) === JSON.stringify(other.measures);
  const kept = fitting.form;
  const now = kept ? bodies.find((each) => same(each.body, kept)) : undefined;
  return (
    <div className="row labelled">
      <label htmlFor="fitted-on">Fitted on</label>
      <Select
        id="fitted-on"
        className="menu"
        value={kept ? (now?.id ?? "kept") : "wearer"}
        onChange={(id) =>
          draft.change((fitted) => ({
            ...fitted,
            form:
              id === "wearer" ? null : (bodies.find((each) => each.id === id)?.body ?? fitted.form ?? null),
          }))
        }
        options={[
          { value: "wearer", label: "its wearer" },
          ...(kept && !now ? [{ value: "kept", label: "a form" }] : []),
          ...bodies.map((each) => ({ value: each.id, label: `the form “${each.name}”` })),
        ]}
      />
    </div>
  );
}
