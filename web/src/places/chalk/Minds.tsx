import { Button } from "antd";
import { memo } from "react";
import { Link } from "react-router";
import type { Of } from "../../api/client";
import { readAt } from "../../entry/toRead";
import type { Draft } from "../../fitting/useDraft";
import "./chalk.css";
import { to } from "../../frame/registry";
import { takeWay } from "./ways";

type Warning = Of<"Warning">;
type About = Warning["about"];

/** What the person should know, gravest first; a pin that would settle it, or the place it is about, one press away. */
export const Minds = memo(function Minds(props: {
  warnings: Warning[];
  id: string;
  here?: About;
  /** The seams that have a line to go to. */
  drawn?: Of<"SeamSolution">[];
  /** What a warning's buttons change. */
  draft?: Draft;
}) {
  const { draft } = props;
  const here = JSON.stringify(props.here);
  return (
    <ul className="minds" data-testid="warnings">
      {props.warnings.map((warning) => {
        const about = JSON.stringify(warning.about);
        const place = about === here ? null : placeOf(warning.about, props.id, props.drawn);
        return (
          <li key={warning.code + about + warning.message} className={warning.weight}>
            {warning.message}{" "}
            {warning.read ? (
              <Link className="next-act" to={readAt(props.id, warning.read)}>
                {warning.read.words}
              </Link>
            ) : (
              place && (
                <Link className="next-act" to={place.to}>
                  {place.words}
                </Link>
              )
            )}
            {draft && warning.ways.length > 0 && (
              <span className="ways">
                {warning.ways.map((way) => (
                  <Button
                    key={way.words}
                    size="small"
                    onClick={() => draft.change((now) => takeWay(now, way))}
                  >
                    {way.words}
                  </Button>
                ))}
              </span>
            )}
          </li>
        );
      })}
    </ul>
  );
});

/** Where something is seen to that stands on another page. */
function placeOf(
  about: About,
  id: string,
  drawn: Of<"SeamSolution">[] = [],
): { to: string; words: string } | null {
  switch (about.on) {
    case "seam":
      return drawn.some((each) => each.seam === about.seam)
        ? { to: to.fitting(id, "chalk", { seam: about.seam }), words: "To its line" }
        : null;
    case "hem":
      return { to: to.fitting(id, "hem"), words: "To the hem" };
    case "body":
      return { to: to.people, words: "To the measures" };
    default:
      return null;
  }
}
