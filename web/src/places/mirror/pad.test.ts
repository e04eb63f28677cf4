import { expect, test } from "vitest";
import { begun, emptyField, type Pad, padded } from "./pad";

type Field = "station" | "reading";
const names = ["station", "reading"] as const;
const empty = (): Pad<Field> => begun<Field>({ station: "", reading: "" }, "station");
const problem = { title: "Not read", detail: "The depth was read as 9x.", path: "reading" } as never;

test("keys go where the hand is, and a key rubs out", () => {
  let pad = empty();
  for (const key of ["1", "2", "½", "⌫"] as const) pad = padded(pad, { is: "pressed", key });
  expect(pad.text).toEqual({ station: "12", reading: "" });
  expect(pad.turns).toBe(4);
  pad = padded(padded(pad, { is: "entered", field: "reading" }), { is: "pressed", key: "7" });
  expect(pad.text).toEqual({ station: "12", reading: "7" });
});

test("the next empty field is asked for, in order", () => {
  const pad = padded(empty(), { is: "typed", field: "reading", text: "7" });
  expect(emptyField(pad, names)).toBe("station");
  expect(emptyField(padded(pad, { is: "typed", field: "station", text: " " }), names)).toBe("station");
  expect(emptyField(padded(pad, { is: "typed", field: "station", text: "300" }), names)).toBeUndefined();
});

test("what is taken leaves the pad empty and keeps what was said last", () => {
  const typed = padded(padded(empty(), { is: "heard", echo: "300 from the hem" }), {
    is: "typed",
    field: "station",
    text: "400",
  });
  const taken = padded(typed, { is: "taken", field: "station" });
  expect(taken).toMatchObject({
    text: { station: "", reading: "" },
    field: "station",
    echo: "300 from the hem",
  });
});

test("a refused reading comes back as it was typed, with the reason, until it is said again", () => {
  const refused = padded(empty(), {
    is: "refused",
    text: { station: "300", reading: "9x" },
    field: "reading",
    problem,
  });
  expect(refused).toMatchObject({
    text: { station: "300", reading: "9x" },
    field: "reading",
    wrong: problem,
  });
  const meant = padded(refused, { is: "meant", field: "reading", text: "9" });
  expect(meant).toMatchObject({ text: { station: "300", reading: "9" }, wrong: null });
});
