// @vitest-environment jsdom
import { cleanup, render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterAll, afterEach, beforeAll, expect, test } from "vitest";
import type { Of } from "../api/client";
import type { Fitting } from "../fitting/changes";
import { fitting } from "../fitting/sample";
import { Alterations } from "./Alterations";
import { type Alteration, kinds } from "./kinds";

const pinched = (seam: string, by: number) => ({ alteration: "pinched", seam, by }) as Alteration;
const answer = (seam: string, more: object = {}) =>
  ({
    key: `pinched_${seam}`,
    words: `pinching of the ${seam}`,
    wish: pinched(seam, 40),
    moved: [],
    ...more,
  }) as unknown as Of<"AlterationSolution">;

beforeAll(() => {
  kinds.pinched = {
    place: (wish) => (wish as unknown as { seam: string }).seam,
    Entry: ({ onWish }) => <button onClick={() => onWish(pinched("side", 7))}>By seven</button>,
  };
});
afterAll(() => void delete kinds.pinched);
afterEach(cleanup);

/** Shows these and gives what the fitting is after everything that was pressed. */
function shown(alterations: Of<"AlterationSolution">[], begun: Fitting = fitting) {
  let now = begun;
  render(<Alterations alterations={alterations} onChange={(change) => (now = change(now))} />);
  return () => now.alterations;
}

test("nothing is shown where nothing is altered beside lines and hems", () => {
  shown([]);
  expect(document.body.textContent).toBe("");
});

test("what cannot be done says why, and does what works by one press", async () => {
  const hand = userEvent.setup();
  const now = shown([
    answer("side", { refused: "No more than 30 comes in.", nearest: pinched("side", 30) }),
    answer("inseam"),
  ]);
  const side = within(screen.getByTestId("pinched_side"));
  expect(side.getByRole("alert").textContent).toBe("No more than 30 comes in.");
  expect(within(screen.getByTestId("pinched_inseam")).queryByRole("alert")).toBeNull();
  expect(screen.getAllByRole("button", { name: "Do what works" })).toHaveLength(1);
  await hand.click(side.getByRole("button", { name: "Do what works" }));
  expect(now()).toEqual([pinched("side", 30)]);
});

test("each kind asks in its own way, and is done without by its key", async () => {
  const hand = userEvent.setup();
  const now = shown([answer("side")], {
    ...fitting,
    alterations: [pinched("side", 40), pinched("inseam", 5)],
  });
  await hand.click(screen.getByRole("button", { name: "By seven" }));
  expect(now()).toEqual([pinched("inseam", 5), pinched("side", 7)]);
  await hand.click(screen.getByRole("button", { name: "Do without" }));
  expect(now()).toEqual([pinched("inseam", 5)]);
});
