import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, client, ifMatch, type Of } from "../../api/client";
import { habitsQuery, wordsQuery } from "../../api/queries";
import { Choice } from "../../entry/Choice";
import { useSaved } from "../../frame/saved";
import { Rule } from "./Rule";

type Habits = Of<"Habits">;

/** Where practitioners disagree, what this person does; every default with its reason. */
export default function HabitsPage() {
  const habits = useQuery(habitsQuery);
  const words = useQuery(wordsQuery);
  const queries = useQueryClient();
  const save = useMutation({
    mutationFn: async (change: (habits: Habits) => Habits) => {
      const { data, version } = await queries.fetchQuery(habitsQuery);
      return answered(client.PUT("/api/v1/habits", { body: change(data), ...ifMatch(version) }));
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
  const setRule = (key: string, value: number | undefined) =>
    save.mutate((all) => ({
      ...all,
      rules: Object.fromEntries(
        Object.entries({ ...all.rules, [key]: value }).filter(([, each]) => each !== undefined),
      ) as Habits["rules"],
    }));
  return (
    <div className="page stack" style={{ gap: 18, maxWidth: 980 }}>
      <h1>Habits</h1>
      <p className="soft">
        Practitioners disagree; this is what you do. Changing a habit computes every garment anew.
      </p>
      {save.error && (
        <p className="wrong-words" role="alert">
          {save.error.message}
        </p>
      )}
      <div className="fields" style={{ gridTemplateColumns: "repeat(auto-fill, minmax(280px, 1fr))" }}>
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
            { value: "half_each", label: "half to each side, legs copied" },
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
      </div>
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
            <Rule
              key={entry.key}
              entry={entry}
              own={now.rules?.[entry.key as keyof Habits["rules"]]}
              onChange={setRule}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}
