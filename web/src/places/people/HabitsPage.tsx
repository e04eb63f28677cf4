import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, client, ifMatch, type Of } from "../../api/client";
import { habitsQuery, wordsQuery } from "../../api/queries";
import { Choice } from "../../entry/Choice";
import { useSaved } from "../../frame/saved";
import { Effects } from "./Effects";
import { OwnEase } from "./OwnEase";
import { OwnSections } from "./OwnSections";
import { Rule } from "./Rule";
import "./people.css";
import { changed } from "../../entry/changed";
import { keysOf } from "../../entry/keysOf";

type Habits = Of<"Habits">;
type Entry = Of<"HouseEntry">;

/** Where practitioners disagree, what this person does; every default with its reason. */
export default function HabitsPage() {
  const habits = useQuery(habitsQuery);
  const words = useQuery(wordsQuery);
  const queries = useQueryClient();
  const save = useMutation({
    mutationFn: async (change: (habits: Habits) => Habits) => {
      const { data, version } = await queries.fetchQuery(habitsQuery);
      const next = change(data);
      const effects = (await answered(client.POST("/api/v1/habits/effect", { body: next }))).data;
      await answered(client.PUT("/api/v1/habits", { body: next, ...ifMatch(version) }));
      return effects;
    },
    scope: { id: "habits" },
    onSuccess: () => queries.invalidateQueries(),
  });
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
    <div className="page stack gap-18 max-980">
      <h1>Habits</h1>
      <p className="soft">
        Practitioners disagree; this is what you do. Changing a habit computes every garment anew, and says
        here what that changed.
      </p>
      {save.data && <Effects effects={save.data} />}
      {save.error && (
        <p className="wrong-words" role="alert">
          {save.error.message}
        </p>
      )}
      <div className="fields habits">
        <Choice
          id="h-even"
          label="Left and right are evened by"
          value={now.evening}
          onChange={(evening) => save.mutate((all) => ({ ...all, evening }))}
          options={words.data.evening.map((each) => ({
            value: each.name,
            label: `${each.words}: ${each.reason}`,
          }))}
        />
        <Choice
          id="h-one"
          label="When one side was pinned"
          value={now.one_side}
          onChange={(one_side) => save.mutate((all) => ({ ...all, one_side }))}
          options={[
            { value: "half_each", label: "half to each side, legs and sleeves copied" },
            { value: "copy", label: "copy it, try on again" },
            { value: "pinned_only", label: "sew the pinned side only" },
          ]}
        />
        <Choice
          id="h-allow"
          label="Allowance after sewing"
          value={now.allowance}
          onChange={(allowance) => save.mutate((all) => ({ ...all, allowance }))}
          options={[
            { value: "trim", label: "trim to what the fray asks for" },
            { value: "keep", label: "keep all of it, to let out again" },
          ]}
        />
        <Choice
          id="h-paper"
          label="Paper in the printer"
          value={now.paper}
          onChange={(paper) => save.mutate((all) => ({ ...all, paper }))}
          options={[
            { value: "a4", label: "A4" },
            { value: "letter", label: "Letter" },
          ]}
        />
        {keysOf(words.data.choices).map((key) => (
          <HabitChoice
            key={key}
            name={key}
            choice={words.data.choices[key]}
            now={now[key]}
            onChange={(value) => save.mutate((all) => ({ ...all, [key]: value }))}
          />
        ))}
      </div>
      <OwnEase
        levels={words.data.levels}
        own={now.ease}
        onChange={(level, mm) => setLevel("ease", level, mm)}
      />
      <table className="tape">
        <thead>
          <tr>
            <th>house default</th>
            <th>yours</th>
            <th className="words">unit</th>
            <th className="words">why</th>
          </tr>
        </thead>
        <tbody>
          {words.data.rules.map((entry) => (
            <Rule key={entry.key} entry={entry} own={now.rules?.[entry.key]} onChange={setRule} />
          ))}
        </tbody>
      </table>
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
  name: string;
  choice: { words: string; options: { key: Key; words: string; reason: string }[] };
  now: Key | undefined;
  onChange: (value: Key) => void;
}) {
  const { choice } = props;
  return (
    <Choice
      id={`h-${props.name}`}
      label={sentence(choice.words)}
      value={props.now ?? choice.options[0]?.key}
      onChange={props.onChange}
      options={choice.options.map((each) => ({ value: each.key, label: `${each.words}: ${each.reason}` }))}
    />
  );
}

const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
