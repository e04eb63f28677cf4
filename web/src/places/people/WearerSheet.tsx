import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Button, Select } from "antd";
import { useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { answered, client, type MeasureName, type Of } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { BodyTotem } from "../../cloth/BodyTotem";
import { today } from "../../entry/days";
import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";
import { TakeAway } from "../../entry/TakeAway";
import { Layers } from "./Layers";
import { useWearer } from "./useWearer";
import { to } from "../../frame/registry";
import { changed } from "../../entry/changed";

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
  const [day, setDay] = useState<string | null>(null);
  const [wrong, setWrong] = useState<Record<string, string | undefined>>({});
  const days = kept.wearer.measured ?? [];
  const body = days.find((each) => each.taken_on === day) ?? days.at(-1);
  const save = useWearer(kept);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const takeAway = async () => {
    await answered(client.DELETE("/api/v1/wearers/{id}", { params: { path: { id: kept.id } } }));
    await queries.invalidateQueries();
    navigate(to.people);
  };
  const onDay = (change: (body: Body) => Body) =>
    save.mutate((wearer) => ({
      ...wearer,
      measured: (wearer.measured ?? []).map((each) =>
        each.taken_on === body?.taken_on ? change(each) : each,
      ),
    }));
  const shown = useShown(useMemo(() => body?.measures, [body]));
  return (
    <>
      <section className="stack gap-16" aria-label={`Measures of ${kept.wearer.name}`}>
        <div className="row spread">
          <h1>{kept.wearer.name}</h1>
          <div className="row">
            {days.length > 0 && (
              <Select
                aria-label="Day of measuring"
                value={body?.taken_on}
                onChange={setDay}
                className="min-150"
                options={[...days]
                  .reverse()
                  .map((each) => ({ value: each.taken_on, label: longDay(each.taken_on) }))}
              />
            )}
            {!days.some((each) => each.taken_on === today()) && (
              <Button
                onClick={() => {
                  save.mutate((wearer) => ({
                    ...wearer,
                    measured: [
                      ...(wearer.measured ?? []),
                      { taken_on: today(), measures: {}, layers: body?.layers ?? [] },
                    ],
                  }));
                  setDay(today());
                }}
              >
                Measure again today
              </Button>
            )}
          </div>
        </div>
        <p className="soft">
          Over the underthings, layers and shoes that will be worn. Any spelling is read: 38 1/2, 97,8 cm,
          978.
        </p>
        {save.isError && (
          <p className="wrong-words" role="alert">
            {save.error.message}
          </p>
        )}
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
                onLength={(mm) =>
                  onDay((each) => ({ ...each, measures: changed(each.measures ?? {}, name, mm) }))
                }
              />
            ))}
          </div>
        )}
        {body && (
          <Layers
            layers={body.layers ?? []}
            onLayers={(layers) => onDay((each) => ({ ...each, layers: layers(each.layers ?? []) }))}
          />
        )}
        <div>
          <TakeAway
            name={`Take ${kept.wearer.name} away for good`}
            asks="Every measure goes; the garments stay, without a wearer."
            onTake={takeAway}
          />
        </div>
      </section>
      <aside>{body && <BodyTotem measures={body.measures ?? {}} shown={shown ?? {}} />}</aside>
    </>
  );
}

function longDay(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString(undefined, {
    day: "numeric",
    month: "long",
    year: "numeric",
  });
}
