import { useQuery } from "@tanstack/react-query";
import { wordsQuery } from "../api/queries";
import { Choice } from "../entry/Choice";
import {
  type HemPlace,
  type HemSolution,
  type HemWish,
  lengthOf,
  startOf,
  type Wanted,
  withLength,
} from "./wish";
import { useWishField } from "./useWishField";

const lengthWords: Record<Wanted["from"], string> = {
  edge: "shorter by (minus: longer)",
  floor: "height above the floor",
  garment: "the other garment's length",
  landmark: "below it (minus: above)",
  pins: "",
};

/** Where the finished edge shall be, and how it is made level. */
export function HemWanted(props: {
  place: HemPlace;
  wish: HemWish;
  solved: HemSolution | undefined;
  change: (change: (wish: HemWish) => HemWish) => void;
}) {
  const { place, wish, solved, change } = props;
  const words = useQuery(wordsQuery);
  const sleeve = place.hem === "sleeve";
  const { wanted } = wish;
  const field = useWishField({ wanted: lengthOf(wanted), shoes: wish.shoes });
  const landmarks = words.data?.landmarks.filter((each) => each.on_arm === sleeve) ?? [];
  const levels = words.data?.choices.level_by.options ?? [];
  return (
    <div className="fields wide-fields" role="group" aria-label="Where the hem shall be">
      <Choice<Wanted["from"]>
        id="wanted-from"
        label="The hem shall be"
        value={wanted.from}
        onChange={(from) => change((now) => ({ ...now, wanted: startOf(from, place) }))}
        options={[
          { value: "pins", label: "where it is pinned" },
          { value: "edge", label: "shorter or longer than it is" },
          ...(sleeve ? [] : [{ value: "floor" as const, label: "at a height above the floor" }]),
          { value: "landmark", label: "at a place of the body" },
          { value: "garment", label: "as long as another garment" },
        ]}
      />
      {wanted.from === "landmark" && (
        <Choice
          id="landmark"
          label="Place of the body"
          value={wanted.landmark}
          onChange={(landmark) => change((now) => ({ ...now, wanted: { ...wanted, landmark } }))}
          options={landmarks.map((each) => ({ value: each.name, label: each.words }))}
        />
      )}
      {wanted.from !== "pins" &&
        field(
          "wanted",
          lengthWords[wanted.from],
          (mm) => mm !== undefined && change((now) => ({ ...now, wanted: withLength(now.wanted, mm) })),
        )}
      <Choice
        id="level-by"
        label="Made level"
        value={wish.level_by ?? solved?.level_by ?? "floor"}
        onChange={(level_by) => change((now) => ({ ...now, level_by }))}
        options={levels.map((each) => ({ value: each.key, label: each.words }))}
      />
      {!sleeve &&
        field(
          "shoes",
          "the shoes lift",
          (mm) => change((now) => ({ ...now, shoes: mm ?? 0 })),
          "heel height",
        )}
    </div>
  );
}
