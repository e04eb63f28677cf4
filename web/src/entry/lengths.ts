import { useQuery } from "@tanstack/react-query";
import { answered, client, type Of } from "../api/client";
import { habitsQuery } from "../api/queries";

type ReadLength = Of<"ReadLength">;

/** How many readings are sent at once: no list of a request is longer than 400. */
const atOnce = 200;

/** Reads what was typed, in any spelling, by field. Refuses with the field and the place. */
export async function readLengths(
  habits: Of<"Habits"> | undefined,
  readings: { field: string; text: string }[],
  cloth = false,
): Promise<ReadLength[]> {
  const read = async (some: typeof readings) =>
    (
      await answered(
        client.POST("/api/v1/compute/lengths", {
          body: { ...(habits ? { habits } : {}), cloth, readings: some },
        }),
      )
    ).data;
  const parts = Array.from({ length: Math.max(1, Math.ceil(readings.length / atOnce)) }, (_, i) =>
    readings.slice(i * atOnce, (i + 1) * atOnce),
  );
  return (await Promise.all(parts.map(read))).flat();
}

/** Kept lengths as they stand on the session's tape, by field. */
export function useShown(
  lengths: Record<string, number | undefined> | undefined,
): Record<string, string> | undefined {
  const habits = useQuery(habitsQuery);
  const shown = useQuery({
    queryKey: ["shown", habits.data?.data, lengths],
    enabled: habits.data !== undefined && lengths !== undefined,
    queryFn: async () => {
      const readings = Object.entries(lengths ?? {})
        .filter((entry): entry is [string, number] => entry[1] !== undefined)
        // To the last decimal a length has: three of them could be read as thousands.
        .map(([field, mm]) => ({ field, text: `${mm.toFixed(6)} mm` }));
      const read = await readLengths(habits.data?.data, readings);
      return Object.fromEntries(read.map((each) => [each.field, each.shown]));
    },
  });
  return shown.data;
}
