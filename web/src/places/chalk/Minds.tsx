import { memo } from "react";
import { Link } from "react-router";
import type { Of } from "../../api/client";
import { readAt } from "../../entry/toRead";

/** What the person should know, gravest first; a pin that would settle it is one press away. */
export const Minds = memo(function Minds(props: { warnings: Of<"Warning">[]; id: string }) {
  return (
    <ul className="minds" data-testid="warnings">
      {props.warnings.map((warning) => (
        <li key={warning.code + warning.about + warning.message} className={warning.weight}>
          {warning.message}{" "}
          {warning.read && (
            <Link className="next-act" to={readAt(props.id, warning.read)}>
              {warning.read.words}
            </Link>
          )}
        </li>
      ))}
    </ul>
  );
});
