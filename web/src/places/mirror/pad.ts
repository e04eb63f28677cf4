import type { Problem } from "../../api/client";
import type { PadKey } from "../../entry/NumberPad";

/** What stands on a reading pad: its fields, the one that is typed in, and what the workroom said last. */
export type Pad<Name extends string> = {
  text: Record<Name, string>;
  field: Name;
  wrong: Problem | null;
  echo: string;
  /** Counts up whenever the hand is to be in the field again, though it may be the same one. */
  turns: number;
};

/** What happens to a reading pad. */
export type PadEvent<Name extends string> =
  | { is: "typed"; field: Name; text: string }
  | { is: "pressed"; key: PadKey }
  | { is: "entered"; field: Name }
  | { is: "turned"; field: Name }
  | { is: "taken"; field: Name }
  | { is: "heard"; echo: string }
  | { is: "refused"; text: Record<Name, string>; field: Name; problem: Problem }
  | { is: "meant"; field: Name; text: string };

/** An empty pad, or one on which some of it stands already. */
export function begun<Name extends string>(text: Record<Name, string>, field: Name): Pad<Name> {
  return { text, field, wrong: null, echo: "", turns: 0 };
}

/** The pad after something happened to it. */
export function padded<Name extends string>(pad: Pad<Name>, event: PadEvent<Name>): Pad<Name> {
  const turned = { turns: pad.turns + 1 };
  switch (event.is) {
    case "typed":
      return { ...pad, text: { ...pad.text, [event.field]: event.text } };
    case "pressed": {
      const was = pad.text[pad.field];
      const now = event.key === "⌫" ? was.slice(0, -1) : was + event.key;
      return { ...pad, ...turned, text: { ...pad.text, [pad.field]: now } };
    }
    case "entered":
      return { ...pad, field: event.field };
    case "turned":
      return { ...pad, ...turned, field: event.field };
    case "taken": {
      const empty = { ...pad.text };
      for (const name in empty) empty[name] = "";
      return { ...pad, ...turned, text: empty, field: event.field, wrong: null };
    }
    case "heard":
      return { ...pad, echo: event.echo };
    case "refused":
      // What was typed comes back to be looked at, with the reason.
      return { ...pad, ...turned, text: event.text, field: event.field, wrong: event.problem, echo: "" };
    case "meant":
      return {
        ...pad,
        ...turned,
        text: { ...pad.text, [event.field]: event.text },
        field: event.field,
        wrong: null,
      };
  }
}

/** The first field that nothing stands in. */
export function emptyField<Name extends string>(pad: Pad<Name>, names: readonly Name[]): Name | undefined {
  return names.find((name) => pad.text[name].trim() === "");
}
