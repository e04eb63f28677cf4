import { Segmented, Select } from "antd";
import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { answered, client, type Of, type Problem } from "../../api/client";
import { Meant } from "../../entry/Meant";
import { useWaiting } from "../../entry/useWaiting";
import { NumberPad, type PadKey } from "./NumberPad";

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
const coarse = window.matchMedia("(pointer: coarse)").matches || window.innerWidth <= 640;
const send = async (typed: Of<"TypedPin">) =>
  (await answered(client.POST("/api/v1/compute/pin", { body: typed }))).data;
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
  onPin: (read: Of<"ReadPin">) => void;
}) {
  const [chosenMode, setMode] = useState<Mode>("seam_to_pin");
  const [panel, setPanel] = useState<Of<"EdgeRead">>("back");
  const { wanted } = props;
  const [data, setData] = useState<Partial<Record<SeamName, Of<"Datum">>>>(
    wanted ? { [wanted.seam]: wanted.datum } : {},
  );
  const [text, setText] = useState<Record<Field, string>>({ station: wanted?.station ?? "", reading: "" });
  const [field, setField] = useState<Field>(wanted ? "reading" : "station");
  const [wrong, setWrong] = useState<Problem | null>(null);
  const [echo, setEcho] = useState("");
  const inputs = { station: useRef<HTMLInputElement>(null), reading: useRef<HTMLInputElement>(null) };
  const { seam, side } = props.at;
  const known = props.seams.find((each) => each.seam === seam);
  const offered = known?.new_dart ? dartModes : modes;
  const mode = offered.some((each) => each.value === chosenMode)
    ? chosenMode
    : (offered[0]?.value ?? "seam_to_pin");
  const datum = data[seam] ?? known?.data[0]?.name ?? "hem";

  const { waiting, enter } = useWaiting<Of<"TypedPin">, Of<"ReadPin">>(
    props.id,
    send,
    (read) => {
      props.onPin(read);
      setEcho(read.read?.echo ?? "Taken. Measure the seam's length to hear what it does.");
    },
    (typed, problem) => {
      props.onPick(typed.seam, typed.side);
      setText({ station: typed.station, reading: typed.reading });
      setWrong(problem);
      setEcho("");
      inputs[problem.path === "station" ? "station" : "reading"].current?.focus();
    },
  );
  const focus = (name: Field) => {
    setField(name);
    inputs[name].current?.focus();
  };
  const take = () => {
    if (!text.station.trim()) return focus("station");
    if (!text.reading.trim()) return focus("reading");
    setWrong(null);
    enter({
      garment: props.garment,
      ...(props.habits ? { habits: props.habits } : {}),
      id: uuid(),
      seam,
      side,
      datum,
      station: text.station,
      mode,
      reading: text.reading,
      panel: mode === "raw_edge_to_chalk" ? panel : null,
      set: props.set.filter((each) => each.seam === seam && each.side === side),
    });
    setText({ station: "", reading: "" });
    focus("station");
  };
  const next = () =>
    field === "station" && text.station.trim() && !text.reading.trim() ? focus("reading") : take();
  const onKey = (event: KeyboardEvent, name: Field) => {
    if (event.key === "Enter") {
      event.preventDefault();
      next();
    } else if (text[name] === "" && pickByLetter(event.key)) event.preventDefault();
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
  const press = (key: PadKey) => {
    setText((now) => ({ ...now, [field]: key === "⌫" ? now[field].slice(0, -1) : now[field] + key }));
    inputs[field].current?.focus();
  };
  const begin = useRef<Field>(field);
  useEffect(() => {
    // A place that was put here to be read is brought into sight; a seam that was picked is in sight already.
    inputs[begin.current].current?.focus({ preventScroll: begin.current === "station" });
    begin.current = "station";
  }, [seam, side]);
  return (
    <section className="stack" style={{ gap: 8 }} aria-label="Enter a pin">
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
      <div className="row" style={{ gap: 6 }}>
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
      <div className="tape-fields">
        {(["station", "reading"] as const).map((name) => (
          <label key={name} className={`tape-field ${wrong?.path === name ? "wrong" : ""}`}>
            <span>
              {name === "station"
                ? `from ${known?.data.find((each) => each.name === datum)?.words ?? "the hem"}`
                : mode === "whole_pinch"
                  ? "whole pinch"
                  : mode === "seam_to_pin"
                    ? "depth from the seam"
                    : mode === "fold_to_pin"
                      ? "fold to pin"
                      : "edge to chalk"}
            </span>
            <input
              ref={inputs[name]}
              name={name}
              value={text[name]}
              inputMode={coarse ? "none" : "text"}
              autoComplete="off"
              aria-invalid={wrong?.path === name}
              onFocus={() => setField(name)}
              onKeyDown={(event) => onKey(event, name)}
              onChange={(event) => setText((now) => ({ ...now, [name]: event.target.value }))}
            />
          </label>
        ))}
      </div>
      <div className="row wide-only" style={{ gap: 6 }}>
        <span className="soft">Stations from</span>
        <Select
          aria-label="Where stations are counted from"
          size="small"
          value={datum}
          style={{ minWidth: 190 }}
          onChange={(value) => setData((now) => ({ ...now, [seam]: value }))}
          options={known?.data.map((each) => ({ value: each.name, label: each.words })) ?? []}
        />
      </div>
      <div role="status" data-testid="echo">
        {wrong ? (
          <Meant
            problem={wrong}
            onMeant={(meant) => {
              const name = wrong.path === "station" ? "station" : "reading";
              setText((now) => ({ ...now, [name]: meant }));
              setWrong(null);
              focus(name);
            }}
          />
        ) : waiting.length > 0 ? (
          <p className="echo-now">
            {waiting.length} {waiting.length === 1 ? "reading waits" : "readings wait"} here for the workroom.
          </p>
        ) : (
          <p className="echo-now">{echo || hint}</p>
        )}
      </div>
      <NumberPad
        go={field === "station" && !text.reading ? "then depth" : "Take pin"}
        onKey={press}
        onGo={next}
      />
    </section>
  );
}
