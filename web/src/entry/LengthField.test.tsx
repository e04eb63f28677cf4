// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { habitsQuery } from "../api/queries";
import { Refused } from "../api/client";
import { LengthField } from "./LengthField";

/** What the workroom answers to what is typed; each test says. */
const reads = vi.hoisted(() => ({ answer: undefined as unknown as (text: string) => unknown }));
vi.mock("./lengths", () => ({
  readLengths: async (_: unknown, readings: { text: string }[]) => {
    const answer = await reads.answer(readings[0]?.text ?? "");
    if (answer instanceof Error) throw answer;
    return [answer];
  },
}));

vi.mock("./coarse", () => ({ coarse: false }));

const taken: (number | undefined)[] = [];
/** A sheet that keeps a length and why it could not be read. */
function Sheet(props: { shown?: string }) {
  const [wrong, setWrong] = useState<string>();
  return (
    <LengthField
      label="Hip"
      name="hip"
      shown={props.shown}
      hint="round the fullest part"
      wrong={wrong}
      onWrong={setWrong}
      onLength={(mm) => taken.push(mm)}
    />
  );
}
const sheet = (shown?: string) => {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
  queries.setQueryData(habitsQuery.queryKey, { data: {}, version: null } as never);
  return (
    <QueryClientProvider client={queries}>
      <Sheet {...(shown === undefined ? {} : { shown })} />
    </QueryClientProvider>
  );
};
const hip = () => screen.getByRole("textbox", { name: "Hip" });

beforeEach(() => {
  taken.length = 0;
  reads.answer = (text) => ({ field: "hip", length: Number(text), shown: `${text}.0` });
});
afterEach(cleanup);

test("a length is read when the field is left, and stands as the tape shows it", async () => {
  const hand = userEvent.setup();
  render(sheet());
  await hand.type(hip(), "990");
  expect(taken).toEqual([]);
  await hand.tab();
  await vi.waitFor(() => expect(hip()).toHaveProperty("value", "990.0"));
  expect(taken).toEqual([990]);
  // Left again unchanged, it stays as exact as it was.
  await hand.click(hip());
  await hand.tab();
  expect(taken).toEqual([990]);
});

test("an emptied field is a length that is not known", async () => {
  const hand = userEvent.setup();
  render(sheet("990"));
  await hand.clear(hip());
  await hand.tab();
  expect(taken).toEqual([undefined]);
});

test("what is refused stays typed with the reason, and one press says what was meant", async () => {
  const hand = userEvent.setup();
  const problem = { detail: "99 0 can be read in two ways.", readings: ["990", "99"] };
  reads.answer = (text) =>
    text === "99 0"
      ? new Refused(problem as never, 422)
      : { field: "hip", length: Number(text), shown: text };
  render(sheet());
  await hand.type(hip(), "99 0");
  await hand.tab();
  await screen.findByRole("alert");
  expect(hip()).toHaveProperty("value", "99 0");
  expect(hip().getAttribute("aria-invalid")).toBe("true");
  expect(taken).toEqual([]);
  await hand.click(screen.getByRole("button", { name: "990" }));
  await vi.waitFor(() => expect(taken).toEqual([990]));
  expect(screen.queryByRole("alert")).toBeNull();
});

test("what is typed on while it is being read is kept", async () => {
  const hand = userEvent.setup();
  let answer: (length: object) => void = () => undefined;
  reads.answer = () => new Promise((done) => (answer = done));
  render(sheet());
  await hand.type(hip(), "99");
  await hand.keyboard("{Enter}");
  await hand.type(hip(), "5");
  answer({ field: "hip", length: 99, shown: "99.0" });
  await vi.waitFor(() => expect(taken).toEqual([99]));
  expect(hip()).toHaveProperty("value", "995");
});
