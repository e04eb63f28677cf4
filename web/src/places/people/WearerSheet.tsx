import { useQueryClient } from "@tanstack/react-query";
import { Button, Select } from "antd";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answered, client, type Of } from "../../api/client";
import { askAgain } from "../../api/askAgain";
import { today } from "../../entry/days";
import { OnTheBody } from "./OnTheBody";
import { TakeAway } from "../../entry/TakeAway";
import { Layers } from "./Layers";
import { useWearer } from "./useWearer";
import { PutRight } from "../../frame/PutRight";
import { to } from "../../frame/registry";
import { changed } from "../../entry/changed";

type Kept = Of<"KeptWearer">;
type Body = Of<"Body">;

/** One wearer, one day of measures at a time. Each number is saved as it is left. */
export function WearerSheet({ kept }: { kept: Kept }) {
  const [day, setDay] = useState<string | null>(null);
  const days = kept.wearer.measured ?? [];
  const body = days.find((each) => each.taken_on === day) ?? days.at(-1);
  const save = useWearer(kept);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const takeAway = async () => {
    await answered(client.DELETE("/api/v1/wearers/{id}", { params: { path: { id: kept.id } } }));
    await askAgain(queries, "wearers");
    void navigate(to.people);
  };
  const onDay = (change: (body: Body) => Body) =>
    save.mutate((wearer) => ({
      ...wearer,
      measured: (wearer.measured ?? []).map((each) =>
        each.taken_on === body?.taken_on ? change(each) : each,
      ),
    }));
  return (
    <section className="stack" aria-label={`Measures of ${kept.wearer.name}`}>
      <div className="row spread">
        <h1>{kept.wearer.name}</h1>
        <div className="row">
          {days.length > 0 && (
            <Select
              aria-label="Day of measuring"
              value={body?.taken_on}
              onChange={setDay}
              className="menu"
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
        Over the underthings, layers and shoes that will be worn. Any spelling is read: 38 1/2, 97,8 cm, 978.
      </p>
      {kept.beyond && kept.beyond.length > 0 && (
        <div className="banner stack" role="alert">
          {kept.beyond.map((beyond) => (
            <p key={beyond}>{beyond}</p>
          ))}
          <PutRight at={`/api/v1/wearers/${kept.id}/put-right`} />
        </div>
      )}
      {save.isError && (
        <p className="wrong-words" role="alert">
          {save.error.message}
        </p>
      )}
      {body && (
        <OnTheBody
          key={body.taken_on}
          kept={kept}
          body={body}
          onMeasure={(name, mm) =>
            onDay((each) => ({ ...each, measures: changed(each.measures ?? {}, name, mm) }))
          }
        />
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
  );
}

function longDay(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString(undefined, {
    day: "numeric",
    month: "long",
    year: "numeric",
  });
}
