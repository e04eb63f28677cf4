// @vitest-environment jsdom
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useReducer } from "react";
import { afterEach, expect, test, vi } from "vitest";
import { begun, type PadEvent, padded, type Pad } from "./pad";
import { ReadingPad } from "./ReadingPad";

vi.mock("../../entry/coarse", () => ({ coarse: false }));

type Field = "station" | "reading";
const fields = [
  { name: "station" as const, label: "Station", input: "station" },
  { name: "reading" as const, label: "Depth", input: "reading" },
];

/** The pad with its state, as a place keeps it; what is taken is noted. */
function Kept(props: { taken: Record<Field, string>[]; problem?: object; waiting?: number }) {
  const [pad, happens] = useReducer(
    (now: Pad<Field>, event: PadEvent<Field>) => padded(now, event),
    begun<Field>({ station: "", reading: "" }, "station"),
  );
  const take = () => {
    if (props.problem)
      happens({ is: "refused", text: pad.text, field: "reading", problem: props.problem as never });
    else {
      props.taken.push(pad.text);
      happens({ is: "taken", field: "station" });
    }
  };
  return (
    <ReadingPad
      fields={fields}
      pad={pad}
      happens={happens}
      at="outseam"
      waiting={props.waiting ?? 0}
      go="Take it"
      onTake={take}
    />
  );
}

const field = (name: string) => screen.getByRole("textbox", { name });

afterEach(cleanup);

test("one keystroke path: station, Enter, depth, Enter, and the hand is at the next station", async () => {
  const taken: Record<Field, string>[] = [];
  const hand = userEvent.setup();
  render(<Kept taken={taken} />);
  expect(document.activeElement).toBe(field("Station"));
  await hand.keyboard("640{Enter}");
  expect(document.activeElement).toBe(field("Depth"));
  expect(taken).toEqual([]);
  await hand.keyboard("9{Enter}");
  expect(taken).toEqual([{ station: "640", reading: "9" }]);
  expect(document.activeElement).toBe(field("Station"));
  expect(field("Depth")).toHaveProperty("value", "");
});

test("the thumb's keys go where the hand is", async () => {
  const taken: Record<Field, string>[] = [];
  const hand = userEvent.setup();
  render(<Kept taken={taken} />);
  for (const key of ["1", "2", "Rub out", "½", "Take it", "3", "Take it"])
    await hand.click(screen.getByRole("button", { name: key }));
  expect(taken).toEqual([{ station: "1½", reading: "3" }]);
});

test("what is refused stays where it was typed, marked, with what could be meant as buttons", async () => {
  const problem = { detail: "1 1 was read in two ways.", path: "reading", readings: ["1¹⁄₁₆", "11"] };
  const hand = userEvent.setup();
  render(<Kept taken={[]} problem={problem} />);
  await hand.keyboard("640{Enter}1 1{Enter}");
  expect(field("Depth").getAttribute("aria-invalid")).toBe("true");
  expect(field("Station").getAttribute("aria-invalid")).toBe("false");
  expect(screen.getByRole("status").textContent).toContain("two ways");
  await hand.click(screen.getByRole("button", { name: "11" }));
  expect(field("Depth")).toHaveProperty("value", "11");
  expect(field("Depth").getAttribute("aria-invalid")).toBe("false");
});

test("readings that wait are counted", () => {
  render(<Kept taken={[]} waiting={1} />);
  expect(screen.getByRole("status").textContent).toBe("1 reading waits here for the workroom.");
});
