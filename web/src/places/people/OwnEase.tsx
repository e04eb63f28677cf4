import { useMemo, useState } from "react";
import type { Of } from "../../api/client";
import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";

type Habits = Of<"Habits">;

/** Wearing ease this person wants at a level, in place of the house table's. */
export function OwnEase({
  levels,
  own,
  onChange,
}: {
  levels: Of<"LevelWords">[];
  own: Habits["ease"];
  onChange: (level: Of<"LevelName">, mm: number | undefined) => void;
}) {
  const [wrong, setWrong] = useState<Record<string, string | undefined>>({});
  const shown = useShown(useMemo(() => own, [own]));
  return (
    <section aria-label="Wanted ease">
      <h2>Ease from your own table</h2>
      <p className="soft">
        What a garment should measure more than the body, at each level; empty leaves it to the house table,
        which knows kinds, intentions and stretch. Yours moves close and loose along with it.
      </p>
      <div className="fields">
        {levels
          .filter((level) => level.name !== "hem" && level.name !== "wrist")
          .map((level) => (
            <LengthField
              key={level.name}
              name={`ease ${level.name}`}
              label={`ease at the ${level.words}`}
              shown={shown ? (shown[level.name] ?? "") : undefined}
              wrong={wrong[level.name]}
              onWrong={(said) => setWrong((now) => ({ ...now, [level.name]: said }))}
              onLength={(mm) => onChange(level.name, mm)}
            />
          ))}
      </div>
    </section>
  );
}
