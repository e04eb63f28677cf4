import { useQuery } from "@tanstack/react-query";
import { useChangeHabits } from "../../api/changeHabits";
import type { Of } from "../../api/client";
import { habitsQuery, wordsQuery } from "../../api/queries";
import { useSaved } from "../../frame/saved";
import { Effects } from "./Effects";
import { HouseNumbers } from "./HouseNumbers";
import { OwnEase } from "./OwnEase";
import { OwnSections } from "./OwnSections";
import { School } from "./School";
import "./people.css";
import { changed } from "../../entry/changed";
import { keysOf } from "../../entry/keysOf";

type Habits = Of<"Habits">;
type Entry = Of<"HouseEntry">;

/** Where practitioners disagree, what this person does; every default with its reason. */
export default function HabitsPage() {
  const habits = useQuery(habitsQuery);
  const words = useQuery(wordsQuery);
  const save = useChangeHabits({ say: true });
  useSaved(save.isPending ? "Saving" : save.isError ? "Not taken" : "Saved", save.isError);
  const now = habits.data?.data;
  if (!now || !words.data)
    return (
      <p className="page" role="status">
        Fetching your habits.
      </p>
    );
  const setRule = (key: Entry["key"], value: number | undefined) =>
    save.mutate((all) => ({ ...all, rules: changed(all.rules ?? {}, key, value) }));
  const setLevel = (part: "ease" | "sections", level: Of<"LevelName">, value: number | undefined) =>
    save.mutate((all) => ({ ...all, [part]: changed(all[part] ?? {}, level, value) }));
  return (
    <div className="page stack habits">
      <h1>Habits</h1>
      <p className="soft">
        Practitioners disagree; this is what you do. Before you change your way, look what it would do to the
        garments that hang here; afterwards it stands here what it did.
      </p>
      {save.data && <Effects effects={save.data} />}
      {save.error && (
        <p className="wrong-words" role="alert">
          {save.error.message}
        </p>
      )}
      <div className="schools">
        <School
          words="Left and right are evened by"
          now={now.evening}
          habits={now}
          of={(evening) => ({ evening })}
          onChange={(change) => save.mutate((all) => ({ ...all, ...change }))}
          options={words.data.evening.map((each) => ({ ...each, key: each.name }))}
        />
        <School
          words="When one side was pinned"
          now={now.one_side}
          habits={now}
          of={(one_side) => ({ one_side })}
          onChange={(change) => save.mutate((all) => ({ ...all, ...change }))}
          options={[
            { key: "half_each", words: "half to each side", reason: "legs and sleeves are copied" },
            { key: "copy", words: "copy it", reason: "and try on again" },
            { key: "pinned_only", words: "sew the pinned side only", reason: "where the body is not alike" },
          ]}
        />
        <School
          words="Allowance after sewing"
          now={now.allowance}
          habits={now}
          of={(allowance) => ({ allowance })}
          onChange={(change) => save.mutate((all) => ({ ...all, ...change }))}
          options={[
            { key: "trim", words: "trim it", reason: "to what the fray asks for: it lies flatter" },
            { key: "keep", words: "keep all of it", reason: "to let out again" },
          ]}
        />
        <School
          words="Paper in the printer"
          now={now.paper}
          habits={now}
          of={(paper) => ({ paper })}
          onChange={(change) => save.mutate((all) => ({ ...all, ...change }))}
          options={[
            { key: "a4", words: "A4" },
            { key: "letter", words: "Letter" },
          ]}
        />
        {keysOf(words.data.choices).map((key) => (
          <HabitChoice
            key={key}
            choice={words.data.choices[key]}
            now={now[key]}
            habits={now}
            of={(value) => ({ [key]: value })}
            onChange={(change) => save.mutate((all) => ({ ...all, ...change }))}
          />
        ))}
      </div>
      <OwnEase
        levels={words.data.levels}
        own={now.ease}
        onChange={(level, mm) => setLevel("ease", level, mm)}
      />
      <HouseNumbers
        entries={words.data.rules}
        own={now.rules}
        inches={now.scale.unit === "inch"}
        onChange={setRule}
      />
      <OwnSections
        levels={words.data.levels}
        own={now.sections}
        onChange={(level, share) => setLevel("sections", level, share)}
      />
    </div>
  );
}

/** One of the ways a person may go about it; the house's is the first. */
function HabitChoice<Key extends string>(props: {
  choice: { words: string; options: { key: Key; words: string; reason: string }[] };
  now: Key | undefined;
  habits: Habits;
  of: (value: Key) => Partial<Habits>;
  onChange: (change: Partial<Habits>) => void;
}) {
  const { choice } = props;
  return (
    <School
      words={sentence(choice.words)}
      now={props.now}
      habits={props.habits}
      of={props.of}
      onChange={props.onChange}
      options={choice.options}
    />
  );
}

const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
