import { useQuery } from "@tanstack/react-query";
import type { Of } from "../../api/client";
import { wearersQuery } from "../../api/queries";
import "./rail.css";

/** The first evening as a thread with four knots; it is gone once the first line is chalked. */
export function FirstThread({ rail }: { rail: Of<"Hanging">[] }) {
  const wearers = useQuery(wearersQuery).data;
  const beyond = (places: Of<"Place">[]) =>
    rail.some((each) => each.fitting != null && places.includes(each.next.place));
  const chalked = rail.some((each) => (each.steps[0] ?? 0) > 0) || beyond(["bench"]);
  const knots = [
    { words: "who wears it", done: rail.some((each) => each.record.wearer) || (wearers?.length ?? 0) > 0 },
    { words: "what is fitted", done: rail.some((each) => each.figure != null) },
    { words: "pin and read", done: chalked || beyond(["chalk"]) },
    { words: "chalk the line", done: chalked },
  ];
  if (chalked || !wearers) return null;
  const next = knots.findIndex((knot) => !knot.done);
  return (
    <ol className="first-thread" aria-label="The first evening">
      {knots.map((knot, i) => (
        <li
          key={knot.words}
          className={knot.done ? "tied" : undefined}
          aria-current={i === next ? "step" : undefined}
        >
          {knot.words}
          {knot.done && <span className="visually-hidden">: done</span>}
        </li>
      ))}
    </ol>
  );
}
