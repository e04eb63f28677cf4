import { Input } from "antd";
import { Choice } from "../../entry/Choice";
import type { GarmentSheet } from "./useGarmentSheet";
import "./hang.css";

/** What it is called, whose it is, when it is wanted and what for. */
export function Whose({ sheet }: { sheet: GarmentSheet }) {
  const { record, setRecord, setGarment } = sheet;
  const { garment } = record;
  return (
    <div className="fields">
      <div className="field">
        <label htmlFor="name">What you call it</label>
        <Input
          id="name"
          value={garment.name}
          onChange={(event) => setGarment({ name: event.target.value })}
        />
      </div>
      <Choice
        id="wearer"
        label="Who wears it"
        value={record.wearer ?? undefined}
        options={sheet.wearers.map((each) => ({ value: each.id, label: each.wearer.name }))}
        onChange={(wearer) => setRecord((now) => ({ ...now, wearer }))}
        onClear={() => setRecord((now) => ({ ...now, wearer: null }))}
      />
      <div className="field">
        <label htmlFor="due">Wanted for</label>
        <Input
          id="due"
          type="date"
          value={record.due_on ?? ""}
          onChange={(event) => setRecord((now) => ({ ...now, due_on: event.target.value || null }))}
        />
      </div>
      <Choice
        id="source"
        label="Where it came from"
        value={garment.source}
        onChange={(source) => setGarment({ source })}
        options={[
          { value: "thrifted", label: "second-hand" },
          { value: "ready_made", label: "bought new" },
          { value: "in_the_making", label: "in the making, tacked" },
          { value: "toile", label: "toile" },
        ]}
      />
      <Choice
        id="purpose"
        label="What it is for"
        value={garment.purpose}
        onChange={(purpose) => setGarment({ purpose })}
        options={[
          { value: "everyday", label: "everyday" },
          { value: "protective", label: "protective or medical wear" },
          { value: "child_nightwear", label: "children's nightwear" },
        ]}
      />
    </div>
  );
}
