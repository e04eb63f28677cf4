import { Segmented, Select } from "antd";
import { useReducer, useState } from "react";
import { v7 as uuid } from "uuid";
import type { Of } from "../../api/client";
import { typedPin, useTyped } from "../../entry/useTyped";
import { begun, type Pad, type PadEvent, padded } from "./pad";
import { coarse } from "../../entry/coarse";
import { ReadingPad } from "./ReadingPad";
import "./mirror.css";

type SeamName = Of<"SeamName">;
type Side = Of<"Side">;
type Mode = Of<"EntryMode">;
type Field = "station" | "reading";

const modes: { value: Mode; label: string }[] = [
  { value: "seam_to_pin", label: "seam to pin" },
  { value: "whole_pinch", label: "whole pinch" },
  { value: "raw_edge_to_chalk", label: "raw edge" },
];
/** A new dart has no stitching yet: it is read from its fold. */
const dartModes: { value: Mode; label: string }[] = [
  { value: "fold_to_pin", label: "fold to pin" },
  { value: "whole_pinch", label: "whole pinch" },
];
const hint = coarse
  ? "Tap a seam, then say the station and the depth."
  : "Letters choose the seam, Enter goes on.";

/** A seam's name on a key: the key stands among seams, so "seam" need not be said. */
const shortly = (words: string) => words.replace(/ seam$/, "");

/** Station, depth, Enter, next: one hand, a friend reading aloud. */
export function EntryPad(props: {
  id: string;
  at: { seam: SeamName; side: Side };
  /** A pin that is to be read: its place stands there already. */
  wanted: { seam: SeamName; datum: Of<"Datum">; station: string } | null;
  garment: Of<"Garment">;
  habits: Of<"Habits"> | undefined;
  /** The seams of this garment that take pins. */
  seams: Of<"PinnableSeam">[];
  /** Pins set from numbers, which a reading where they stand moves. */
  set: Of<"Pin">[];
  onPick: (seam: SeamName, side: Side) => void;
}) {
  const [chosenMode, setMode] = useState<Mode>("seam_to_pin");
  const [panel, setPanel] = useState<Of<"EdgeRead">>("back");
  const { wanted } = props;
  const [data, setData] = useState<Partial<Record<SeamName, Of<"Datum">>>>(
    wanted ? { [wanted.seam]: wanted.datum } : {},
  );
  const [pad, happens] = useReducer(
    padded as (pad: Pad<Field>, event: PadEvent<Field>) => Pad<Field>,
    begun<Field>({ station: wanted?.station ?? "", reading: "" }, wanted ? "reading" : "station"),
  );
  const { seam, side } = props.at;
  const known = props.seams.find((each) => each.seam === seam);
  const offered = known?.new_dart ? dartModes : modes;
  const mode = offered.some((each) => each.value === chosenMode)
    ? chosenMode
    : (offered[0]?.value ?? "seam_to_pin");
  const datum = data[seam] ?? known?.data[0]?.name ?? "hem";

  const { waiting, enter } = useTyped(
    props.id,
    typedPin,
    (echo) => happens({ is: "heard", echo }),
    (typed, problem) => {
      props.onPick(typed.seam, typed.side);
      const text = { station: typed.station, reading: typed.reading };
      happens({ is: "refused", text, field: problem.path === "station" ? "station" : "reading", problem });
    },
  );
  const take = () => {
    enter({
      garment: props.garment,
      ...(props.habits ? { habits: props.habits } : {}),
      id: uuid(),
      seam,
      side,
      datum,
      station: pad.text.station,
      mode,
      reading: pad.text.reading,
      panel: mode === "raw_edge_to_chalk" ? panel : null,
      set: props.set.filter((each) => each.seam === seam && each.side === side),
    });
    happens({ is: "taken", field: "station" });
  };
  const pickByLetter = (key: string): boolean => {
    const letter = key.toLowerCase();
    const other = side === "centre" ? "left" : side;
    const picked = props.seams.find((each) => each.letter === letter);
    if (picked) props.onPick(picked.seam, picked.paired ? other : "centre");
    else if ((letter === "l" || letter === "r") && known?.paired)
      props.onPick(seam, letter === "l" ? "left" : "right");
    else return false;
    return true;
  };
  const depth = {
    whole_pinch: "whole pinch",
    seam_to_pin: "depth from the seam",
    fold_to_pin: "fold to pin",
    raw_edge_to_chalk: "edge to chalk",
  }[mode];
  return (
    <section className="stack" aria-label="Enter a pin">
      <div className="seam-keys">
        {props.seams.map((each) => (
          <button
            key={each.seam}
            type="button"
            className="seam-key"
            aria-pressed={each.seam === seam}
            onClick={() =>
              props.onPick(each.seam, each.paired ? (side === "centre" ? "left" : side) : "centre")
            }
          >
            <span className="key" aria-hidden="true">
              {each.letter.toUpperCase()}
            </span>{" "}
            {each.new_dart ? "new " : ""}
            {shortly(each.words)}
          </button>
        ))}
      </div>
      {known?.paired && (
        <div className="side-keys" role="group" aria-label="Side">
          {(["left", "right"] as const).map((each) => (
            <button
              key={each}
              type="button"
              className="seam-key"
              aria-pressed={each === side}
              onClick={() => props.onPick(seam, each)}
            >
              {each}
            </button>
          ))}
        </div>
      )}
      <div className="row">
        <Segmented
          aria-label="How the depth is read"
          size="middle"
          value={mode}
          onChange={setMode}
          options={offered}
        />
        {mode === "raw_edge_to_chalk" && (
          <Select
            aria-label="Panel read on"
            value={panel}
            onChange={setPanel}
            options={[
              { value: "front", label: known?.edges[0] ?? "front" },
              { value: "back", label: known?.edges[1] ?? "back" },
            ]}
          />
        )}
      </div>
      <ReadingPad<Field>
        fields={[
          {
            name: "station",
            label: <span>from {known?.data.find((each) => each.name === datum)?.words ?? "the hem"}</span>,
            input: "station",
          },
          { name: "reading", label: <span>{depth}</span>, input: "reading" },
        ]}
        pad={pad}
        happens={happens}
        at={`${seam} ${side}`}
        begun={wanted !== null}
        waiting={waiting}
        hint={hint}
        go={pad.field === "station" && !pad.text.reading ? "then depth" : "Take pin"}
        onKey={pickByLetter}
        onTake={take}
        between={
          <div className="row wide-only">
            <span className="soft">Stations from</span>
            <Select
              aria-label="Where stations are counted from"
              size="small"
              value={datum}
              className="menu long"
              onChange={(value) => setData((now) => ({ ...now, [seam]: value }))}
              options={known?.data.map((each) => ({ value: each.name, label: each.words })) ?? []}
            />
          </div>
        }
      />
    </section>
  );
}
