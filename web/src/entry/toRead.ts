import type { Of } from "../api/client";
import { to } from "../frame/registry";

type ToRead = Of<"ToRead">;

/** The Mirror with the next pin in place to be read. */
export function readAt(id: string, pin: ToRead): string {
  const { seam, side, datum, station } = pin;
  return to.fitting(id, "mirror", { seam, side, datum, station });
}

/** The pin that is to be read, as {@link readAt} put it into the address. */
export function asked(at: URLSearchParams): Omit<ToRead, "words"> | null {
  const [seam, side, datum, station] = ["seam", "side", "datum", "station"].map((name) => at.get(name));
  if (!seam || !side || !datum || !station) return null;
  return { seam, side, datum, station } as Omit<ToRead, "words">;
}
