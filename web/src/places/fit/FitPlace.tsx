import { useQuery } from "@tanstack/react-query";
import { Radio } from "antd";
import { useState } from "react";
import { answered, client, type Of } from "../../api/client";
import { FitColumn, ROW } from "../../cloth/FitColumn";
import { FitFigures, type Upright } from "../../cloth/FitFigures";
import { FitLegend } from "../../cloth/FitLegend";
import type { Which } from "../../cloth/fitTones";
import type { AtWork } from "../../fitting/atWork";
import { useHeldKey } from "../../frame/keys";
import { TableTabs } from "../../frame/TableTabs";
import "./fit.css";

/** How tall the figures are drawn at the least, in pixels, and the air above and below them in millimetres. */
const TALL = 560;
const AIR = 24;

/** The wearer and the garment whole, and at each level the body's section with the garment's loop round it. */
export default function FitPlace({ id, job }: AtWork) {
  const [chosen, setChosen] = useState<Which>(1);
  const held = useHeldKey("b");
  const which: Which = held ? (chosen ? 0 : 1) : chosen;
  const read = useQuery({
    queryKey: ["fit-picture", job],
    staleTime: Infinity,
    placeholderData: (before) => before,
    queryFn: async () => (await answered(client.POST("/api/v1/compute/fit-picture", { body: job }))).data,
  });
  const picture = read.data;
  return (
    <div className="page stack">
      <TableTabs id={id} />
      <div className="row">
        <h1>Fit picture</h1>
        <Radio.Group
          optionType="button"
          aria-label="Which garment"
          value={which}
          onChange={(event) => setChosen(event.target.value as Which)}
          options={[
            { value: 0, label: "As it came" },
            { value: 1, label: "As it will be" },
          ]}
        />
        <span className="soft fit-hold">
          or hold <span className="key">B</span> to see the other
        </span>
      </div>
      {read.error && (
        <p className="wrong-words" role="alert">
          {read.error.message}
        </p>
      )}
      {picture && picture.rings.length === 0 && (
        <p className="patch">
          Nothing to set side by side yet: measure the garment flat, and its wearer at the same levels.
        </p>
      )}
      {picture && picture.rings.length > 0 && <Picture picture={picture} which={which} />}
    </div>
  );
}

function Picture({ picture, which }: { picture: Of<"FitPicture">; which: Which }) {
  const views = [
    { view: picture.front, words: "from the front", aside: false },
    { view: picture.side, words: "from the side", aside: true },
  ].flatMap(({ view, ...rest }) => (view ? [{ view, ...rest }] : []));
  const heights = picture.rings.map((ring) => ring.height);
  const ends = [...views.flatMap(({ view }) => view.upright), ...heights];
  const [low, top] = [Math.min(...ends) - AIR, Math.max(...ends) + AIR];
  const height = Math.max(TALL, picture.rings.length * ROW);
  const upright: Upright = { top, scale: height / (top - low), height };
  return (
    <>
      <FitLegend rings={picture.rings} which={which} />
      <div className="fit-picture">
        {views.length > 0 && (
          <FitFigures views={views} rings={picture.rings} which={which} upright={upright} />
        )}
        <FitColumn rings={picture.rings} which={which} upright={upright} />
      </div>
      {picture.notes.map((note) => (
        <p key={note} className="soft">
          {note}
        </p>
      ))}
    </>
  );
}
