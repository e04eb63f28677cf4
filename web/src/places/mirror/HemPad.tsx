import { Segmented } from "antd";
import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { answered, client, type Of, type Problem } from "../../api/client";
import { Meant } from "../../entry/Meant";
import { useWaiting } from "../../entry/useWaiting";
import type { HemName, HemPlace, HemReading } from "../../hem/wish";
import { NumberPad, type PadKey } from "./NumberPad";

type Typed = Of<"TypedHemReading">;
type Read = Of<"ReadHem">;
type Way = Of<"HemRead">;

const coarse = window.matchMedia("(pointer: coarse)").matches || window.innerWidth <= 640;
const send = async (typed: Typed) =>
  (await answered(client.POST("/api/v1/compute/hem-reading", { body: typed }))).data;

/** One number a place, Enter goes on to the next: a friend reads aloud, one thumb types. */
export function HemPad(props: {
  id: string;
  place: HemPlace;
  side: Of<"Side">;
  at: number;
  /** It is usually read from the floor. */
  floor: boolean;
  garment: Of<"Garment">;
  habits: Of<"Habits"> | undefined;
  onPick: (at: number) => void;
  onGoOn: () => void;
  onReading: (reading: HemReading, hem: HemName) => void;
}) {
  const { place, side, at } = props;
  const [chosen, setWay] = useState<Way | null>(null);
  const way =
    place.hem === "sleeve" ? "edge_to_pin" : (chosen ?? (props.floor ? "floor_to_edge" : "edge_to_pin"));
  const [text, setText] = useState("");
  const [wrong, setWrong] = useState<Problem | null>(null);
  const [echo, setEcho] = useState("");
  const input = useRef<HTMLInputElement>(null);
  const { waiting, enter } = useWaiting<Typed, Read>(
    `${props.id}.hem`,
    send,
    (read, typed) => {
      setEcho(read.echo);
      props.onReading(read.reading, typed.hem);
    },
    (typed, problem) => {
      props.onPick(typed.at);
      setText(typed.reading);
      setWrong(problem);
      input.current?.focus();
    },
  );
  const spot = place.spots.find((each) => Math.abs(each.at - at) < 0.5);
  const take = () => {
    if (!text.trim()) return;
    setWrong(null);
    enter({
      garment: props.garment,
      ...(props.habits ? { habits: props.habits } : {}),
      hem: place.hem,
      id: uuid(),
      side,
      at,
      read: way,
      reading: text,
    });
    setText("");
    props.onGoOn();
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key === "Enter") {
      event.preventDefault();
      take();
    } else if (text === "" && (event.key === "ArrowRight" || event.key === "n")) {
      event.preventDefault();
      props.onGoOn();
    }
  };
  const press = (key: PadKey) => {
    setText((now) => (key === "⌫" ? now.slice(0, -1) : now + key));
    input.current?.focus();
  };
  useEffect(() => input.current?.focus({ preventScroll: true }), [at, side]);
  return (
    <section className="stack" style={{ gap: 8 }} aria-label="Enter a reading">
      {place.hem !== "sleeve" && (
        <Segmented<Way>
          aria-label="How the hem is read"
          block
          value={way}
          onChange={setWay}
          options={[
            { value: "floor_to_edge", label: "floor to edge" },
            { value: "edge_to_pin", label: "edge up to pin" },
          ]}
        />
      )}
      <label className={`tape-field ${wrong ? "wrong" : ""}`}>
        <span data-testid="hem-at">
          {side === "centre" ? "" : `${side}, `}
          {spot?.words ?? `${Math.round(at)}°`}:{" "}
          {way === "floor_to_edge" ? "from the floor" : "from the edge up"}
        </span>
        <input
          ref={input}
          name="hem-reading"
          value={text}
          inputMode={coarse ? "none" : "text"}
          autoComplete="off"
          aria-invalid={!!wrong}
          onKeyDown={onKey}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <div role="status" data-testid="echo">
        {wrong ? (
          <Meant
            problem={wrong}
            onMeant={(meant) => {
              setText(meant);
              setWrong(null);
              input.current?.focus();
            }}
          />
        ) : waiting.length > 0 ? (
          <p className="echo-now">
            {waiting.length} {waiting.length === 1 ? "reading waits" : "readings wait"} here for the workroom.
          </p>
        ) : echo ? (
          <p className="echo-now">{echo}</p>
        ) : null}
      </div>
      <NumberPad go="Take, turn on" onKey={press} onGo={take} />
    </section>
  );
}
