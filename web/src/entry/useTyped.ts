import { useEffect, useEffectEvent, useMemo } from "react";
import type { Of, Problem } from "../api/client";
import type { Typed } from "../waiting/records";
import { usePost, useStanding } from "../waiting/usePost";

/** One way of typing a reading: how it is told among what waits, and how it waits. */
type Way<T> = { of: (typed: Typed) => T | undefined; as: (reading: T) => Typed };

export const typedPin: Way<Of<"TypedPin">> = {
  of: (typed) => ("pin" in typed ? typed.pin : undefined),
  as: (pin) => ({ pin }),
};
export const typedHem: Way<Of<"TypedHemReading">> = {
  of: (typed) => ("hem" in typed ? typed.hem : undefined),
  as: (hem) => ({ hem }),
};

/**
 * Readings of a fitting on their way to the workroom. One it refuses comes back to the pad it was typed on, with the
 * reason, whenever that is on screen.
 */
export function useTyped<T>(
  fitting: string,
  way: Way<T>,
  onHeard: (echo: string) => void,
  onRefused: (typed: T, problem: Problem) => void,
) {
  const post = usePost();
  const standing = useStanding(post);
  const heard = useEffectEvent(onHeard);
  const refused = useEffectEvent(onRefused);
  const own = useMemo(
    () =>
      standing.waiting.filter(
        ({ what, fitting: of }) => of === fitting && "typed" in what && way.of(what.typed),
      ),
    [standing, fitting, way],
  );
  useEffect(
    () =>
      post.hear((news) => {
        if (news.is === "heard" && news.fitting === fitting) heard(news.echo);
      }),
    [post, fitting],
  );
  const back = own.find((each) => each.refused);
  useEffect(() => {
    const typed = back && "typed" in back.what ? way.of(back.what.typed) : undefined;
    if (!typed || !back?.refused) return;
    refused(typed, back.refused);
    post.seen([back.id]);
  }, [back, way, post]);
  const enter = (typed: T) => void post.enter(fitting, { typed: way.as(typed) });
  return { waiting: own.filter((each) => !each.refused).length, enter };
}
