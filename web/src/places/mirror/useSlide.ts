import { useCallback, useLayoutEffect, useRef, useState } from "react";
import { answered, client, type Of } from "../../api/client";
import type { SlidTo } from "../../cloth/FigurePin";
import type { Draft } from "../../fitting/useDraft";

/** Slides pins along their seams: one after the other, each to a mark of the tape; and why the last one was not. */
export function useSlide(job: Of<"Job">, draft: Draft) {
  const [refused, setRefused] = useState<string | null>(null);
  const { change } = draft;
  const latest = useRef(job);
  useLayoutEffect(() => {
    latest.current = job;
  }, [job]);
  const before = useRef<Promise<void>>(Promise.resolve());
  const slide = useCallback(
    (pin: string, slide: SlidTo) => {
      before.current = before.current.then(async () => {
        try {
          const body = { job: latest.current, pin, slide };
          const { data: moved } = await answered(client.POST("/api/v1/compute/slide", { body }));
          setRefused(null);
          const put = (pins: Of<"Pin">[]) => pins.map((each) => (each.id === pin ? moved : each));
          change((now) => ({ ...now, pins: put(now.pins ?? []) }));
          // The next one starts from here, whether the page was drawn again by then or not.
          const { fitting } = latest.current;
          latest.current = { ...latest.current, fitting: { ...fitting, pins: put(fitting.pins ?? []) } };
        } catch (error) {
          setRefused(error instanceof Error ? error.message : String(error));
        }
      });
      return before.current;
    },
    [change],
  );
  return { slide, refused };
}
