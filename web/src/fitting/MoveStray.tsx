import { useMutation } from "@tanstack/react-query";
import { Button, Input, Select } from "antd";
import { useId, useState } from "react";
import { answered, client, type Of } from "../api/client";
import type { Pin } from "./changes";
import "./fitting.css";

type Seam = Of<"PinnableSeam">;

/** Where pins can be moved to: each seam, on each side it has. */
const placesOf = (seams: Seam[]) =>
  seams.flatMap((seam) =>
    (seam.paired ? (["left", "right"] as const) : (["centre"] as const)).map((side) => ({
      value: `${seam.seam} ${side}`,
      label: side === "centre" ? seam.words : `${seam.words}, ${side}`,
      seam,
      side,
    })),
  );

/** Moves a pin that is on nothing to where it belongs now: the same pin, as deep as it was read. */
export function MoveStray(props: { pin: Pin; job: Of<"Job">; seams: Seam[]; onMoved: (pin: Pin) => void }) {
  const { pin, job } = props;
  const id = useId();
  const places = placesOf(props.seams);
  const was = places.find((each) => each.seam.seam === pin.seam && each.side === pin.side);
  const [value, setValue] = useState((was ?? places[0])?.value);
  const [station, setStation] = useState("");
  const place = places.find((each) => each.value === value);
  const datum = place?.seam.data.find((each) => each.name === pin.datum) ?? place?.seam.data[0];
  const move = useMutation({
    mutationFn: async () => {
      if (!place || !datum) throw new Error("There is no seam to move it to.");
      const typed: Of<"TypedPin"> = {
        garment: job.garment,
        ...(job.habits ? { habits: job.habits } : {}),
        id: pin.id,
        seam: place.seam.seam,
        side: place.side,
        datum: datum.name,
        station,
        mode: pin.mode,
        reading: `${pin.reading} mm`,
        panel: pin.panel ?? null,
      };
      return (await answered(client.POST("/api/v1/compute/pin", { body: typed }))).data.pin;
    },
    onSuccess: (moved) => props.onMoved({ ...pin, ...moved }),
  });
  return (
    <form
      className="row move-stray"
      onSubmit={(event) => {
        event.preventDefault();
        move.mutate();
      }}
    >
      <Select
        className="move-to"
        aria-label="Move it to"
        value={value}
        options={places.map(({ value, label }) => ({ value, label }))}
        onChange={setValue}
      />
      <label htmlFor={id}>from {datum?.words}</label>
      <Input
        id={id}
        className="move-station"
        name="stray-station"
        value={station}
        onChange={(event) => setStation(event.target.value)}
      />
      <Button htmlType="submit" loading={move.isPending} disabled={station.trim() === ""}>
        Move it here
      </Button>
      {move.error && (
        <span className="wrong-words" role="alert">
          {move.error.message}
        </span>
      )}
    </form>
  );
}
