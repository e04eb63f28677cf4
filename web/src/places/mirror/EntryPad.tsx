import { useQuery } from "@tanstack/react-query";
import { Segmented, Select } from "antd";
import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import type { Of, Problem } from "../../api/client";
import { wordsQuery } from "../../api/queries";
import { useWaiting } from "../../entry/useWaiting";
import { NumberPad, type PadKey } from "./NumberPad";

type SeamName = Of<"SeamName">;
type Side = Of<"Side">;
type Mode = Of<"EntryMode">;
type Field = "station" | "reading";

const seams: { seam: SeamName; side: Side; name: string; where: string }[] = [
  { seam: "outseam", side: "left", name: "Outseam", where: "left" },
  { seam: "outseam", side: "right", name: "Outseam", where: "right" },
  { seam: "inseam", side: "left", name: "Inseam", where: "left" },
  { seam: "inseam", side: "right", name: "Inseam", where: "right" },
  { seam: "centre_back", side: "centre", name: "Centre", where: "back" },
];
const modes: { value: Mode; label: string }[] = [
  { value: "seam_to_pin", label: "seam to pin" },
  { value: "whole_pinch", label: "whole pinch" },
  { value: "raw_edge_to_chalk", label: "raw edge" },
];
const coarse = window.matchMedia("(pointer: coarse)").matches || window.innerWidth <= 640;
const hint = coarse
  ? "Tap a seam, then say the station and the depth."
  : "Letters choose the seam, Enter goes on.";

/** Station, depth, Enter, next: one hand, a friend reading aloud. */
export function EntryPad(props: {
  id: string;
  at: { seam: SeamName; side: Side };
  garment: Of<"Garment">;
  habits: Of<"Habits"> | undefined;
  onPick: (seam: SeamName, side: Side) => void;
  onPin: (pin: Of<"Pin">) => void;
}) {
  const words = useQuery(wordsQuery);
  const [mode, setMode] = useState<Mode>("seam_to_pin");
  const [panel, setPanel] = useState<Of<"PanelName">>("back");
  const [data, setData] = useState<Partial<Record<SeamName, Of<"Datum">>>>({});
  const [text, setText] = useState<Record<Field, string>>({ station: "", reading: "" });
  const [field, setField] = useState<Field>("station");
  const [wrong, setWrong] = useState<Problem | null>(null);
  const [echo, setEcho] = useState("");
  const inputs = { station: useRef<HTMLInputElement>(null), reading: useRef<HTMLInputElement>(null) };
  const { seam, side } = props.at;
  const known = words.data?.seams.find((each) => each.name === seam);
  const datum = data[seam] ?? known?.data[0]?.name ?? "hem";

  const { waiting, enter } = useWaiting(
    props.id,
    (read) => {
      props.onPin(read.pin);
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
    if (letter === "o") props.onPick("outseam", other);
    else if (letter === "i") props.onPick("inseam", other);
    else if (letter === "c") props.onPick("centre_back", "centre");
    else if ((letter === "l" || letter === "r") && seam !== "centre_back")
      props.onPick(seam, letter === "l" ? "left" : "right");
    else return false;
    return true;
  };
  const press = (key: PadKey) => {
    setText((now) => ({ ...now, [field]: key === "⌫" ? now[field].slice(0, -1) : now[field] + key }));
    inputs[field].current?.focus();
  };
  useEffect(() => inputs.station.current?.focus({ preventScroll: true }), [seam, side]);
  return (
    <section className="stack" style={{ gap: 8 }} aria-label="Enter a pin">
      <div className="seam-keys">
        {seams.map((each) => (
          <button
            key={each.seam + each.side}
            type="button"
            className="seam-key"
            aria-pressed={each.seam === seam && each.side === side}
            onClick={() => props.onPick(each.seam, each.side)}
          >
            {each.name}
            <small>{each.where}</small>
          </button>
        ))}
      </div>
      <div className="row" style={{ gap: 6 }}>
        <Segmented
          aria-label="How the depth is read"
          size="middle"
          value={mode}
          onChange={setMode}
          options={modes}
        />
        {mode === "raw_edge_to_chalk" && (
          <Select
            aria-label="Panel read on"
            value={panel}
            onChange={setPanel}
            options={[
              { value: "front", label: seam === "centre_back" ? "left back" : "front" },
              { value: "back", label: seam === "centre_back" ? "right back" : "back" },
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
          <p className="wrong-words">{wrong.detail}</p>
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
