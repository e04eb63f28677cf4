import type { Of } from "../../api/client";
import { Rule } from "./Rule";

type Habits = Of<"Habits">;

/** Depth of a body's cross-section as a share of its width, for the fit picture. */
export function OwnSections({
  levels,
  own,
  onChange,
}: {
  levels: Of<"LevelWords">[];
  own: Habits["sections"];
  onChange: (level: Of<"LevelName">, share: number | undefined) => void;
}) {
  return (
    <section aria-label="Cross-sections">
      <h2>Cross-sections of a body</h2>
      <table className="tape">
        <thead>
          <tr>
            <th>depth of the width</th>
            <th>yours</th>
            <th className="words">house</th>
            <th className="words">why</th>
          </tr>
        </thead>
        <tbody>
          {levels
            .filter((level) => level.name !== "hem" && level.name !== "wrist")
            .map((level) => (
              <Rule
                key={level.name}
                entry={{
                  key: level.name,
                  name: `at the ${level.words}`,
                  value: level.section,
                  unit: "share",
                  least: 0.4,
                  most: 1.6,
                  reason:
                    "An average body; a flat or a deep one has another share. It shapes the fit picture alone.",
                }}
                own={own?.[level.name]}
                onChange={(_, value) => onChange(level.name, value)}
              />
            ))}
        </tbody>
      </table>
    </section>
  );
}
