import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button, Input, Select } from "antd";
import { useState } from "react";
import { answered, client, ifMatch, type Of } from "../../api/client";
import { habitsQuery, wordsQuery } from "../../api/queries";
import { useSaved } from "../../frame/saved";

type Habits = Of<"Habits">;
type Entry = Of<"HouseEntry">;

const units: Record<Of<"RuleUnit">, string> = { mm: "mm", share: "", days: "days", minutes: "minutes" };

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
  if (!now || !words.data) return <p className="page" role="status">Fetching your habits.</p>;
  const setRule = (key: string, value: number | undefined) =>
    save.mutate((all) => ({ ...all, rules: Object.fromEntries(Object.entries({ ...all.rules, [key]: value }).filter(([, each]) => each !== undefined)) as Habits["rules"] }));
  return (
    <div className="page stack" style={{ gap: 18, maxWidth: 980 }}>
      <h1>Habits</h1>
      <p className="soft">Practitioners disagree; this is what you do. Changing a habit computes every garment anew.</p>
      {save.error && <p className="wrong-words" role="alert">{save.error.message}</p>}
      <div className="fields" style={{ gridTemplateColumns: "repeat(auto-fill, minmax(280px, 1fr))" }}>
        <div className="field"><label htmlFor="h-even">Left and right are evened by</label>
          <Select id="h-even" style={{ width: "100%" }} value={now.evening} onChange={(evening) => save.mutate((all) => ({ ...all, evening }))} options={words.data.evening.map((each) => ({ value: each.name, label: `${each.words}: ${each.reason}` }))} /></div>
        <div className="field"><label htmlFor="h-one">When one side was pinned</label>
          <Select id="h-one" style={{ width: "100%" }} value={now.one_side} onChange={(one_side) => save.mutate((all) => ({ ...all, one_side }))} options={[{ value: "half_each", label: "half to each side, legs copied" }, { value: "copy", label: "copy it, try on again" }, { value: "pinned_only", label: "sew the pinned side only" }]} /></div>
        <div className="field"><label htmlFor="h-allow">Allowance after sewing</label>
          <Select id="h-allow" style={{ width: "100%" }} value={now.allowance} onChange={(allowance) => save.mutate((all) => ({ ...all, allowance }))} options={[{ value: "trim", label: "trim to what the fray asks for" }, { value: "keep", label: "keep all of it, to let out again" }]} /></div>
        <div className="field"><label htmlFor="h-paper">Paper in the printer</label>
          <Select id="h-paper" style={{ width: "100%" }} value={now.paper} onChange={(paper) => save.mutate((all) => ({ ...all, paper }))} options={[{ value: "a4", label: "A4" }, { value: "letter", label: "Letter" }]} /></div>
      </div>
      <table className="tape">
        <thead><tr><th>house default</th><th>yours</th><th className="words" /><th className="words">why</th></tr></thead>
        <tbody>
          {words.data.rules.map((entry) => <Rule key={entry.key} entry={entry} own={now.rules?.[entry.key as keyof Habits["rules"]]} onChange={setRule} />)}
        </tbody>
      </table>
    </div>
  );
}

function Rule({ entry, own, onChange }: { entry: Entry; own: number | undefined; onChange: (key: string, value: number | undefined) => void }) {
  const [text, setText] = useState<string | null>(null);
  const leave = () => {
    const value = Number(text?.replace(",", "."));
    if (text !== null && text.trim() !== "" && Number.isFinite(value) && value !== (own ?? entry.value)) onChange(entry.key, value);
    setText(null);
  };
  return (
    <tr>
      <td className="words">{entry.name}</td>
      <td><Input size="small" style={{ width: 88, textAlign: "right" }} aria-label={entry.name} value={text ?? String(own ?? entry.value)} onChange={(event) => setText(event.target.value)} onBlur={leave} onPressEnter={leave} /></td>
      <td className="words">{units[entry.unit]}{own !== undefined && <Button type="link" size="small" onClick={() => onChange(entry.key, undefined)}>back to {entry.value}</Button>}</td>
      <td className="words soft">{entry.reason} <span className="num">({entry.least}–{entry.most})</span></td>
    </tr>
  );
}
