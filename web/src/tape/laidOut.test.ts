import { expect, test } from "vitest";
import { laidOut } from "./laidOut";

const tape = (name: string, from: number, to: number) => ({
  name,
  points: [
    [0, from],
    [0, to],
  ],
});

test("what goes across stands right, what goes along left, each near its tape and none on another", () => {
  const tapes = [
    tape("waist", 1000, 1000),
    tape("high_hip", 990, 990),
    tape("hip", 985, 985),
    tape("hem", 0, 0),
    tape("inseam", 700, 0),
  ];
  const measures = tapes.map(({ name }) => ({ name, across: name !== "inseam" }));
  const laid = laidOut({ tapes, top: 1000, bottom: 0 }, measures, 11);
  const row = (name: string) => laid.find((each) => each.name === name)?.row;
  expect(["waist", "high_hip", "hip"].map(row)).toEqual([1, 2, 3]);
  expect(row("hem")).toBe(11);
  expect(laid.find((each) => each.name === "inseam")?.column).toBe("left");
});

test("however many there are, all find room above the lowest", () => {
  const names = ["waist", "hip", "thigh", "knee", "calf", "hem"];
  const tapes = names.map((name) => tape(name, 0, 0));
  const laid = laidOut(
    { tapes, top: 1000, bottom: 0 },
    names.map((name) => ({ name, across: true })),
    11,
  );
  expect(laid.map((each) => each.row)).toEqual([6, 7, 8, 9, 10, 11]);
});
