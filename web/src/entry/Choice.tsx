import { Select } from "antd";

/** One choice among a few, with its label. */
export function Choice<Value extends string>(props: {
  id: string;
  label: string;
  value: Value | undefined;
  options: { value: Value; label: string }[];
  onChange: (value: Value) => void;
  onClear?: () => void;
  hint?: string | undefined;
  placeholder?: string;
}) {
  const { value } = props;
  // What its value is called may still be on its way; until then it is called nothing.
  const named = value === undefined || props.options.some((option) => option.value === value);
  return (
    <div className="field">
      <label htmlFor={props.id}>{props.label}</label>
      <Select<Value>
        id={props.id}
        virtual={false}
        value={named ? (value ?? null) : null}
        loading={!named}
        options={props.options}
        placeholder={named ? props.placeholder : "fetching its name"}
        allowClear={props.onClear !== undefined}
        onChange={(value: Value | undefined | null) =>
          value == null ? props.onClear?.() : props.onChange(value)
        }
      />
      {props.hint && <span className="hint">{props.hint}</span>}
    </div>
  );
}
