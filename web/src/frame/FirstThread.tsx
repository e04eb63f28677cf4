import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link } from "react-router";
import type { Of } from "../api/client";
import { railQuery, wearersQuery } from "../api/queries";
import { to } from "./registry";
import "./frame.css";

type Knot = { words: string; done: boolean; to: string };

/** The four knots of a first evening, each with where it is tied; nothing once the first line is chalked. */
function knotsOf(rail: Of<"Hanging">[], wearers: number): Knot[] | null {
  const beyond = (places: Of<"Place">[]) =>
    rail.some((each) => each.fitting != null && places.includes(each.next.place));
  const chalked = rail.some((each) => (each.steps[0] ?? 0) > 0) || beyond(["bench"]);
  if (chalked) return null;
  const fitting = rail.find((each) => each.fitting != null)?.fitting;
  return [
    { words: "who wears it", done: wearers > 0 || rail.some((each) => each.record.wearer), to: to.people },
    { words: "what is fitted", done: rail.some((each) => each.figure != null), to: to.hang },
    { words: "pin and read", done: beyond(["chalk"]), to: fitting ? to.fitting(fitting, "mirror") : to.rail },
    { words: "chalk the line", done: false, to: fitting ? to.fitting(fitting, "chalk") : to.rail },
  ];
}

/** The first evening as a thread along the top of every place, until its last knot is tied. */
export function FirstThread({ pathname }: { pathname: string }) {
  const queries = useQueryClient();
  const rail = useQuery(railQuery).data;
  const wearers = useQuery({
    ...wearersQuery,
    enabled: rail !== undefined && knotsOf(rail, 0) !== null,
  }).data;
  const knots = rail && wearers ? knotsOf(rail, wearers.length) : null;
  const hangs = knots !== null;
  useEffect(() => {
    // What was done on the way here ties a knot.
    if (hangs) void queries.invalidateQueries({ queryKey: railQuery.queryKey });
  }, [hangs, pathname, queries]);
  if (!knots) return null;
  const next = knots.findIndex((knot) => !knot.done);
  return (
    <nav aria-label="The first evening" className="first-evening">
      <ol className="first-thread">
        {knots.map((knot, i) => (
          <li
            key={knot.words}
            className={knot.done ? "tied" : undefined}
            aria-current={i === next ? "step" : undefined}
          >
            {i === next ? <Link to={knot.to}>{knot.words}</Link> : knot.words}
            {knot.done && <span className="visually-hidden">: done</span>}
          </li>
        ))}
      </ol>
    </nav>
  );
}
