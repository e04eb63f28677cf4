import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button, Input, Select } from "antd";
import { useMemo, useState } from "react";
import { answered, client, ifMatch, type MeasureName, type Of, Refused } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { BodyTotem } from "../../cloth/BodyTotem";
import { today } from "../../entry/days";
import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";
import { useSaved } from "../../frame/saved";

type Kept = Of<"KeptWearer">;
type Body = Of<"Body">;

const hints: Partial<Record<MeasureName, string>> = {
  waist_seated: "sitting: it decides comfort",
  heel_instep: "what a hem must let through",
  hip: "round the fullest part",
  inside_leg: "crotch to floor",
};

/** One wearer, one day of measures at a time. Each number is saved as it is left. */
export function WearerSheet({ kept }: { kept: Kept }) {
  const words = useQuery(wordsQuery);
  const queries = useQueryClient();
  const [day, setDay] = useState<string | null>(null);
  const [wrong, setWrong] = useState<Record<string, string | undefined>>({});
  const days = kept.wearer.measured ?? [];
  const body = days.find((each) => each.taken_on === day) ?? days.at(-1);
  const save = useMutation({
    mutationFn: async (change: (wearer: Of<"Wearer">) => Of<"Wearer">) => {
      const put = async (version: number, wearer: Of<"Wearer">) =>
        answered(client.PUT("/api/v1/wearers/{id}", { params: { path: { id: kept.id } }, body: change(wearer), ...ifMatch(version) }));
      const now = queries.getQueryData<Kept[]>(["wearers"])?.find((each) => each.id === kept.id) ?? kept;
      try {
        return await put(now.version, now.wearer);
      } catch (refusal) {
        // One number of a sheet: when the rest was changed elsewhere, it goes onto what stands now.
        if (!(refusal instanceof Refused) || refusal.status !== 412 || !refusal.problem?.version) throw refusal;
        return put(refusal.problem.version, refusal.problem.current as Of<"Wearer">);
      }
    },
    scope: { id: kept.id },
    retry: (count, error) => error instanceof Refused && error.isSilence && count < 400,
    retryDelay: 1500,
    onSuccess: ({ data, version }) => {
      queries.setQueryData<Kept[]>(["wearers"], (all) => all?.map((each) => (each.id === kept.id ? { ...each, version, wearer: data } : each)));
      void queries.invalidateQueries({ queryKey: ["fitting"] });
      void queries.invalidateQueries({ queryKey: ["rail"] });
    },
  });
  useSaved(save.isPending ? (save.failureCount > 0 ? "Kept here, not saved yet" : "Saving") : save.isError ? "Not taken" : "Saved", save.failureCount > 0);
  const onDay = (change: (body: Body) => Body) =>
    save.mutate((wearer) => ({ ...wearer, measured: (wearer.measured ?? []).map((each) => (each.taken_on === body?.taken_on ? change(each) : each)) }));
  const shown = useShown(useMemo(() => body?.measures as Record<string, number> | undefined, [body]));
  const layers = useShown(useMemo(() => Object.fromEntries((body?.layers ?? []).map((layer, i) => [`layer ${i}`, layer.thickness])), [body]));
  return (
    <>
      <section className="stack" style={{ gap: 16 }} aria-label={`Measures of ${kept.wearer.name}`}>
        <div className="row spread">
          <h1>{kept.wearer.name}</h1>
          <div className="row">
            {days.length > 0 && <Select aria-label="Day of measuring" value={body?.taken_on} onChange={setDay} style={{ minWidth: 150 }} options={[...days].reverse().map((each) => ({ value: each.taken_on, label: longDay(each.taken_on) }))} />}
            {!days.some((each) => each.taken_on === today()) && (
              <Button onClick={() => { save.mutate((wearer) => ({ ...wearer, measured: [...(wearer.measured ?? []), { taken_on: today(), measures: {}, layers: body?.layers ?? [] }] })); setDay(today()); }}>Measure again today</Button>
            )}
          </div>
        </div>
        <p className="soft">Over the underthings, layers and shoes that will be worn. Any spelling is read: 38 1/2, 97,8 cm, 978.</p>
        {save.isError && <p className="wrong-words" role="alert">{save.error.message}</p>}
        {body && (
          <div className="fields" key={body.taken_on}>
            {words.data?.body.map(({ name, words: label }) => (
              <LengthField
                key={name}
                name={name}
                label={label}
                hint={hints[name] ?? ""}
                shown={shown ? (shown[name] ?? "") : undefined}
                wrong={wrong[name]}
                onWrong={(said) => setWrong((now) => ({ ...now, [name]: said }))}
                onLength={(mm) => onDay((each) => ({ ...each, measures: Object.fromEntries(Object.entries({ ...each.measures, [name]: mm }).filter(([, value]) => value !== undefined)) as Body["measures"] }))}
              />
            ))}
          </div>
        )}
        {body && (
          <div className="stack" style={{ maxWidth: 560 }}>
            <h2>Worn underneath</h2>
            {(body.layers ?? []).map((layer, i) => (
              <div className="row" key={i} style={{ alignItems: "flex-end", flexWrap: "nowrap" }}>
                <div className="field" style={{ flex: 1 }}>
                  <label htmlFor={`layer-${i}`}>Layer</label>
                  <Input id={`layer-${i}`} defaultValue={layer.name} onBlur={(event) => event.target.value !== layer.name && onDay((each) => ({ ...each, layers: (each.layers ?? []).map((other, j) => (j === i ? { ...other, name: event.target.value } : other)) }))} />
                </div>
                <LengthField label="thickness" name={`layer ${i}`} shown={layers?.[`layer ${i}`]} wrong={wrong[`layer ${i}`]} onWrong={(said) => setWrong((now) => ({ ...now, [`layer ${i}`]: said }))} onLength={(mm) => mm !== undefined && onDay((each) => ({ ...each, layers: (each.layers ?? []).map((other, j) => (j === i ? { ...other, thickness: mm } : other)) }))} />
                <Button onClick={() => onDay((each) => ({ ...each, layers: (each.layers ?? []).filter((_, j) => j !== i) }))}>Take off</Button>
              </div>
            ))}
            <div><Button onClick={() => onDay((each) => ({ ...each, layers: [...(each.layers ?? []), { name: "layer", thickness: 1 }] }))}>Add a layer</Button></div>
          </div>
        )}
      </section>
      <aside>{body && <BodyTotem measures={body.measures ?? {}} shown={shown ?? {}} />}</aside>
    </>
  );
}

function longDay(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString(undefined, { day: "numeric", month: "long", year: "numeric" });
}
