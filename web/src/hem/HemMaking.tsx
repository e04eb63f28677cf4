import { useQuery } from "@tanstack/react-query";
import { Checkbox } from "antd";
import { wordsQuery } from "../api/queries";
import { Choice } from "../entry/Choice";
import { chosen } from "../entry/chosen";
import { useWishField } from "./useWishField";
import type { HemPlace, HemSolution, HemWish } from "./wish";

/** How the hem is sewn, and what becomes of two sides, a lining, an edge that is not cut. */
export function HemMaking(props: {
  place: HemPlace;
  wish: HemWish;
  solved: HemSolution | undefined;
  lined: boolean;
  change: (change: (wish: HemWish) => HemWish) => void;
}) {
  const { place, wish, solved, change } = props;
  const words = useQuery(wordsQuery);
  const field = useWishField({
    allowance: solved?.allowance,
    front: wish.high_low?.front,
    back: wish.high_low?.back,
    blend_front: wish.high_low?.blend_front,
    blend_back: wish.high_low?.blend_back,
    above: wish.shorten_at?.at === "tuck" ? wish.shorten_at.above : undefined,
  });
  const kind = wish.kind ?? place.usual_kind;
  const known = words.data?.hem_kinds.find((each) => each.name === kind);
  const highLow = wish.high_low;
  return (
    <div className="stack">
      <div className="fields" role="group" aria-label="How the hem is sewn">
        <Choice
          id="hem-kind"
          label="Sewn as"
          value={kind}
          onChange={(kind) => change((now) => ({ ...now, kind, allowance: null }))}
          options={words.data?.hem_kinds.map((each) => ({ value: each.name, label: each.words })) ?? []}
          hint={known?.suits}
        />
        {known?.has_allowance &&
          field("allowance", "turned up in all", (mm) =>
            change((now) => ({ ...now, allowance: mm ?? null })),
          )}
        {place.paired && (
          <Choice
            id="hem-pair"
            label={place.hem === "sleeve" ? "Both sleeves" : "Both legs"}
            value={wish.pair ?? "even"}
            onChange={(pair) => change((now) => ({ ...now, pair }))}
            options={[
              { value: "even", label: "alike, at the mean" },
              { value: "as_left", label: "both as the left reads" },
              { value: "as_right", label: "both as the right reads" },
              { value: "own", label: "each as it reads" },
            ]}
          />
        )}
        {kind === "uncut" && (
          <Choice
            id="shorten-at"
            label="Shortened"
            value={wish.shorten_at?.at ?? solved?.uncut?.at.replace("waist", "waist_seam") ?? "tuck"}
            onChange={(at) =>
              change((now) => ({
                ...now,
                shorten_at: at === "tuck" ? place.begins.tuck : { at: "waist_seam" },
              }))
            }
            options={[
              ...(place.has_waist ? [{ value: "waist_seam", label: "at the waist" }] : []),
              { value: "tuck", label: "in a tuck" },
            ]}
          />
        )}
        {wish.shorten_at?.at === "tuck" &&
          kind === "uncut" &&
          field(
            "above",
            "tuck above the edge",
            (mm) => mm !== undefined && change((now) => ({ ...now, shorten_at: { at: "tuck", above: mm } })),
          )}
        {props.lined && known?.has_allowance && (
          <>
            <Choice
              id="lining-hangs"
              label="The lining"
              value={wish.lining?.hangs ?? solved?.lining?.hangs}
              onChange={(hangs) =>
                change((now) => ({ ...now, lining: { edge: now.lining?.edge ?? null, hangs } }))
              }
              options={chosen(words.data?.choices.lining_hangs)}
            />
            <Choice
              id="lining-edge"
              label="Its edge"
              value={wish.lining?.edge ?? solved?.lining?.edge}
              onChange={(edge) =>
                change((now) => ({ ...now, lining: { hangs: now.lining?.hangs ?? null, edge } }))
              }
              options={chosen(words.data?.choices.lining_edge)}
            />
          </>
        )}
      </div>
      {place.has_facing && known?.has_allowance && (
        <Checkbox
          checked={wish.mitre_facing ?? false}
          onChange={(event) => change((now) => ({ ...now, mitre_facing: event.target.checked }))}
        >
          Mitre the corner at the facing, instead of turning it back
        </Checkbox>
      )}
      {!place.paired && (
        <Checkbox
          checked={highLow != null}
          onChange={(event) =>
            change((now) => ({
              ...now,
              high_low: event.target.checked ? (place.begins.high_low ?? null) : null,
            }))
          }
        >
          Uneven on purpose: shorter in front, longer behind
        </Checkbox>
      )}
      {highLow && (
        <div className="fields" role="group" aria-label="Uneven on purpose">
          {(
            [
              ["front", "front shorter by"],
              ["back", "back longer by"],
              ["blend_front", "front reached, from the side seam"],
              ["blend_back", "back reached, from the side seam"],
            ] as const
          ).map(([part, label]) =>
            field(
              part,
              label,
              (mm) => mm !== undefined && change((now) => ({ ...now, high_low: { ...highLow, [part]: mm } })),
            ),
          )}
        </div>
      )}
    </div>
  );
}
