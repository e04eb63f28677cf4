import { Button, Checkbox, Input, Select } from "antd";
import { useState } from "react";
import { Answer } from "./Answer";
import type { InHand, SumPlace } from "./keeping";
import type { SumField, SumKind } from "./kinds";
import { useSum } from "./useSum";

/** One sum: its numbers, its answer, and where the answer goes. */
export function SumForm(props: {
  kind: SumKind;
  typed: Record<string, string>;
  place: SumPlace | null;
  onTyped: (field: string, text: string) => void;
  inHand: InHand | null;
  shown: boolean;
}) {
  const { kind, typed, place, inHand } = props;
  const [switched, setSwitched] = useState<Record<string, boolean>>({});
  const sum = useSum(kind, typed, switched, props.shown);
  return (
    <>
      <div className="fields">
        {kind.fields.map((field) => (
          <div className="field" key={field.name}>
            <label htmlFor={`sum-${field.name}`}>
              {field.label}
              {field.optional && field.is !== "way" && <span className="soft"> (if any)</span>}
            </label>
            <Entry
              field={field}
              value={typed[field.name]}
              onChange={(text) => props.onTyped(field.name, text)}
            />
          </div>
        ))}
      </div>
      {kind.switches?.map(([name, words]) => (
        <Checkbox
          key={name}
          checked={switched[name] ?? false}
          onChange={(event) => setSwitched((now) => ({ ...now, [name]: event.target.checked }))}
        >
          {words}
        </Checkbox>
      ))}
      {sum.error && (
        <p className="wrong-words" role="alert">
          {sum.error.message}
        </p>
      )}
      {sum.data && (
        <div data-testid="sum-answer">
          <Answer answer={sum.data.answer} />
        </div>
      )}
      {sum.data && inHand && <Back worked={{ ...sum.data, place }} inHand={inHand} />}
    </>
  );
}

function Entry(props: { field: SumField; value: string | undefined; onChange: (text: string) => void }) {
  const { field, value } = props;
  const id = `sum-${field.name}`;
  if (field.is === "way") {
    return (
      <Select
        id={id}
        value={value ?? field.ways?.[0]?.value ?? ""}
        onChange={props.onChange}
        options={field.ways ?? []}
      />
    );
  }
  return (
    <Input
      id={id}
      name={id}
      value={value ?? ""}
      inputMode={field.is === "count" ? "numeric" : "text"}
      autoComplete="off"
      onChange={(event) => props.onChange(event.target.value)}
    />
  );
}

/** Puts an answer back where it belongs. */
function Back({ worked, inHand }: { worked: Parameters<InHand["putBack"]>[0]; inHand: InHand }) {
  const [note, setNote] = useState("");
  const [put, setPut] = useState<string | null>(null);
  const back = inHand.putBack(worked);
  if (!back) return null;
  const asText = JSON.stringify(worked.sum);
  return (
    <div className="stack tight">
      {back.noted && (
        <div className="field">
          <label htmlFor="sum-note">What it is for</label>
          <Input
            id="sum-note"
            value={note}
            maxLength={120}
            onChange={(event) => setNote(event.target.value)}
          />
        </div>
      )}
      <Button
        type="primary"
        disabled={put === asText}
        onClick={() => {
          back.put(note.trim());
          setPut(asText);
        }}
      >
        {put === asText ? back.done : back.words}
      </Button>
    </div>
  );
}
