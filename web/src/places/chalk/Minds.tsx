import { memo } from "react";
import type { Of } from "../../api/client";

/** What the person should know, gravest first. */
export const Minds = memo(function Minds({ warnings }: { warnings: Of<"Warning">[] }) {
  return (
    <ul className="minds" data-testid="warnings">
      {warnings.map((warning) => (
        <li key={warning.code + warning.about + warning.message} className={warning.weight}>
          {warning.message}
        </li>
      ))}
    </ul>
  );
});
