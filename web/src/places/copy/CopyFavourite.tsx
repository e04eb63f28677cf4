import { useQuery } from "@tanstack/react-query";
import { Button, Select } from "antd";
import { useMemo, useState } from "react";
import { answered, client, type Of } from "../../api/client";
import { railQuery, wordsQuery } from "../../api/queries";
import { LengthField } from "../../entry/LengthField";
import { useShown } from "../../entry/lengths";
import type { AtWork } from "../../fitting/atWork";
import { UndoButton } from "../../fitting/UndoButton";
import { TableTabs } from "../../frame/TableTabs";
import { CopyResult } from "./CopyResult";
import { changed } from "../../entry/changed";

type Flats = Partial<Record<Of<"FlatName">, number>>;

/** Two garments laid flat: what makes this one measure like the favourite. */
export default function CopyFavourite({ id, draft, job }: AtWork) {
  const rail = useQuery(railQuery);
  const words = useQuery(wordsQuery);
  const [favourite, setFavourite] = useState<Flats>({});
  const [wrong, setWrong] = useState<Record<string, string | undefined>>({});
  const shape = job.garment.shape;
  const kind = words.data?.kinds.find((each) => each.name === shape.kind);
  const measured = kind?.flats.filter((flat) => shape.flats[flat.name] !== undefined) ?? [];
  const shownOwn = useShown(useMemo(() => shape.flats, [shape.flats]));
  const shown = useShown(useMemo(() => favourite, [favourite]));
  const any = Object.keys(favourite).length > 0;
  const copy = useQuery({
    queryKey: ["copy", job, favourite],
    enabled: any,
    staleTime: Infinity,
    placeholderData: (before) => before,
    queryFn: async () =>
      (await answered(client.POST("/api/v1/compute/copy", { body: { job, favourite } }))).data,
  });
  const choose = (garment: string) => {
    const other = rail.data?.find((each) => each.id === garment)?.record.garment.shape.flats ?? {};
    setFavourite(measured.reduce<Flats>((all, { name }) => changed(all, name, other[name]), {}));
  };
  const others =
    rail.data?.filter(
      (each) =>
        each.id !== draft.draft?.garment &&
        measured.some(({ name }) => each.record.garment.shape.flats[name] !== undefined),
    ) ?? [];
  return (
    <div className="page stack">
      <TableTabs id={id} />
      <div className="row spread">
        <h1>Copy a garment that fits</h1>
        <UndoButton draft={draft} />
      </div>
      <p className="soft prose">
        Lay the favourite flat as this one was, and measure it at the same levels; or take one that hangs on
        the rail. Side seams share each difference, sleeve and legs have their own.
      </p>
      <div className="row">
        <label htmlFor="favourite">The favourite</label>
        <Select
          id="favourite"
          aria-label="The favourite"
          placeholder="from the rail"
          className="menu long"
          onChange={choose}
          options={others.map((each) => ({ value: each.id, label: each.record.garment.name }))}
        />
      </div>
      <div className="fields">
        {measured.map(({ name, words: label }) => (
          <LengthField
            key={name}
            name={`favourite ${name}`}
            label={label}
            hint={`this one: ${shownOwn?.[name] ?? ""}`}
            shown={shown ? (shown[name] ?? "") : undefined}
            wrong={wrong[name]}
            onWrong={(said) => setWrong((now) => ({ ...now, [name]: said }))}
            onLength={(mm) => setFavourite((now) => changed(now, name, mm))}
          />
        ))}
      </div>
      {copy.error && (
        <p className="wrong-words" role="alert">
          {copy.error.message}
        </p>
      )}
      {any && copy.data && (
        <>
          <CopyResult plan={copy.data} />
          <div className="row">
            <Button
              type="primary"
              size="large"
              disabled={copy.data.pins.length === 0}
              onClick={() => {
                const pins = copy.data?.pins ?? [];
                const moved = new Set(pins.map((pin) => pin.seam));
                draft.change(
                  (now) => ({
                    ...now,
                    pins: [...(now.pins ?? []).filter((pin) => !moved.has(pin.seam)), ...pins],
                  }),
                  "copy",
                );
              }}
            >
              Pin this garment like it
            </Button>
            <span className="soft">Replaces the pins on those seams; Undo brings them back.</span>
          </div>
        </>
      )}
    </div>
  );
}
