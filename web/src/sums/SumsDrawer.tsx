import { Button, Checkbox, Drawer, Input } from "antd";
import { useEffect, useState } from "react";
import { Answer } from "./Answer";
import type { Keep, Sum } from "./keeping";
import { firstKind, kinds, type SumKind, typedOf } from "./kinds";
import { useSum } from "./useSum";
import "./sums.css";

/** The small sums, from anywhere; kept with the fitting in hand where there is one. */
export default function SumsDrawer(props: {
  asked: Sum | "any" | null;
  keep: Keep | null;
  onClose: () => void;
}) {
  const { asked } = props;
  const [kind, setKind] = useState<SumKind>(firstKind);
  const { name } = kind;
  const [typed, setTyped] = useState<Record<string, Record<string, string>>>({});
  useEffect(() => {
    if (asked && asked !== "any") {
      setKind(kinds.find((each) => each.name === asked.sum) ?? firstKind);
      setTyped((now) => ({ ...now, [asked.sum]: typedOf(asked) }));
    }
  }, [asked]);
  return (
    <Drawer open={asked !== null} onClose={props.onClose} title="Sums" size={430}>
      <div className="stack gap-14">
        <div className="sum-kinds" role="group" aria-label="Which sum">
          {kinds.map((each) => (
            <button
              key={each.name}
              type="button"
              className="seam-key high-36"
              aria-pressed={each.name === name}
              onClick={() => setKind(each)}
            >
              {each.words}
            </button>
          ))}
        </div>
        <p className="soft">{kind.for}</p>
        <SumForm
          key={name}
          kind={kind}
          typed={typed[name] ?? {}}
          onTyped={(field, text) => setTyped((now) => ({ ...now, [name]: { ...now[name], [field]: text } }))}
          keep={props.keep}
        />
      </div>
    </Drawer>
  );
}

function SumForm(props: {
  kind: SumKind;
  typed: Record<string, string>;
  onTyped: (field: string, text: string) => void;
  keep: Keep | null;
}) {
  const { kind, typed, keep } = props;
  const [switched, setSwitched] = useState<Record<string, boolean>>({});
  const [note, setNote] = useState("");
  const [kept, setKept] = useState<string | null>(null);
  const sum = useSum(kind, typed, switched);
  const asText = JSON.stringify(sum.data?.sum);
  return (
    <>
      <div className="fields">
        {kind.fields.map((field) => (
          <div className="field" key={field.name}>
            <label htmlFor={`sum-${field.name}`}>
              {field.label}
              {field.optional && <span className="soft"> (if any)</span>}
            </label>
            <Input
              id={`sum-${field.name}`}
              name={`sum-${field.name}`}
              value={typed[field.name] ?? ""}
              inputMode={field.is === "count" ? "numeric" : "text"}
              autoComplete="off"
              onChange={(event) => props.onTyped(field.name, event.target.value)}
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
      {sum.data && keep && (
        <div className="stack gap-6">
          <div className="field">
            <label htmlFor="sum-note">What it is for</label>
            <Input
              id="sum-note"
              value={note}
              maxLength={120}
              onChange={(event) => setNote(event.target.value)}
            />
          </div>
          <Button
            type="primary"
            disabled={kept === asText}
            onClick={() => {
              keep(sum.data.sum, note.trim());
              setKept(asText);
            }}
          >
            {kept === asText ? "Kept with this fitting" : "Keep it with this fitting"}
          </Button>
        </div>
      )}
    </>
  );
}
