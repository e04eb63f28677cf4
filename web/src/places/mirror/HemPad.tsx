import { Segmented } from "antd";
import { useReducer, useState } from "react";
import { v7 as uuid } from "uuid";
import type { Of } from "../../api/client";
import { typedHem, useTyped } from "../../entry/useTyped";
import type { HemPlace } from "../../hem/wish";
import { begun, type Pad, type PadEvent, padded } from "./pad";
import { ReadingPad } from "./ReadingPad";
import "./mirror.css";

type Way = Of<"HemRead">;

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
}) {
  const { place, side, at } = props;
  const [chosen, setWay] = useState<Way | null>(null);
  const way =
    place.hem === "sleeve" ? "edge_to_pin" : (chosen ?? (props.floor ? "floor_to_edge" : "edge_to_pin"));
  const [pad, happens] = useReducer(
    padded as (pad: Pad<"reading">, event: PadEvent<"reading">) => Pad<"reading">,
    begun<"reading">({ reading: "" }, "reading"),
  );
  const { waiting, enter } = useTyped(
    props.id,
    typedHem,
    (echo) => happens({ is: "heard", echo }),
    (typed, problem) => {
      props.onPick(typed.at);
      happens({ is: "refused", text: { reading: typed.reading }, field: "reading", problem });
    },
  );
  const spot = place.spots.find((each) => Math.abs(each.at - at) < 0.5);
  const take = () => {
    enter({
      garment: props.garment,
      ...(props.habits ? { habits: props.habits } : {}),
      hem: place.hem,
      id: uuid(),
      side,
      at,
      read: way,
      reading: pad.text.reading,
    });
    happens({ is: "taken", field: "reading" });
    props.onGoOn();
  };
  const goOn = (key: string) => {
    if (key !== "ArrowRight" && key !== "n") return false;
    props.onGoOn();
    return true;
  };
  return (
    <section className="stack" aria-label="Enter a reading">
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
      <ReadingPad<"reading">
        fields={[
          {
            name: "reading",
            label: (
              <span data-testid="hem-at">
                {side === "centre" ? "" : `${side}, `}
                {spot?.words ?? `${Math.round(at)}°`}:{" "}
                {way === "floor_to_edge" ? "from the floor" : "from the edge up"}
              </span>
            ),
            input: "hem-reading",
          },
        ]}
        pad={pad}
        happens={happens}
        at={`${at} ${side}`}
        waiting={waiting}
        go="Take, turn on"
        onKey={goOn}
        onTake={take}
      />
    </section>
  );
}
