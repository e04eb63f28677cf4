import { type ComponentType, lazy } from "react";

/** How long to wait before a place is fetched again. */
const AGAIN_AFTER = 1500;

/** A place that is fetched when it is first opened, again and again while the workroom is away. */
export function patient<Props>(fetchPlace: () => Promise<{ default: ComponentType<Props> }>) {
  const fetched = async (): Promise<{ default: ComponentType<Props> }> => {
    for (;;) {
      try {
        return await fetchPlace();
      } catch {
        await new Promise((resolve) => setTimeout(resolve, AGAIN_AFTER));
      }
    }
  };
  return lazy(fetched);
}
