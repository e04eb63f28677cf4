import { useQuery } from "@tanstack/react-query";
import { answered, client, type Of } from "../api/client";
import { habitsQuery } from "../api/queries";
import { readLengths } from "../entry/lengths";
import type { Sum } from "./keeping";
import type { SumKind } from "./kinds";

/** Sums whose lengths are read, or the refusal that names its field. */
async function read(
  habits: Of<"Habits"> | undefined,
  kind: SumKind,
  typed: Record<string, string>,
  switched: Record<string, boolean>,
): Promise<Sum> {
  const parts: [string, string][] = kind.fields
    .filter((field) => field.is !== "count" && field.is !== "way")
    .flatMap((field) =>
      (typed[field.name] ?? "")
        .split(";")
        .map((text) => text.trim())
        .filter(Boolean)
        .map((text): [string, string] => [field.name, text]),
    );
  const lengths = await readLengths(
    habits,
    parts.map(([field, text]) => ({ field, text })),
    true,
  );
  const of = (name: string) => lengths.filter((each) => each.field === name).map((each) => each.length);
  const numbers: Record<string, unknown> = { sum: kind.name, ...switched };
  for (const field of kind.fields) {
    const [whole, part] = field.name.split(".");
    if (field.is === "count") numbers[field.name] = Number(typed[field.name]);
    else if (field.is === "way") numbers[field.name] = typed[field.name] ?? field.ways?.[0]?.value;
    else if (field.is === "lengths") numbers[field.name] = of(field.name);
    else if (part && whole) {
      const mm = of(field.name)[0];
      if (mm !== undefined) numbers[whole] = { at: 0, by: 0, ...(numbers[whole] as object), [part]: mm };
    } else if (of(field.name)[0] !== undefined) numbers[field.name] = of(field.name)[0];
  }
  return numbers as Sum;
}

/** The answer to a sum as it stands in its fields; nothing while a needed field is empty, or nobody looks. */
export function useSum(
  kind: SumKind,
  typed: Record<string, string>,
  switched: Record<string, boolean>,
  shown: boolean,
) {
  const habits = useQuery(habitsQuery);
  const complete = kind.fields.every((field) => field.optional || (typed[field.name] ?? "").trim() !== "");
  return useQuery({
    queryKey: ["sum", habits.data?.data, kind.name, typed, switched],
    enabled: shown && complete && habits.data !== undefined,
    retry: false,
    staleTime: Infinity,
    queryFn: async () => {
      const sum = await read(habits.data?.data, kind, typed, switched);
      const body = { sum, ...(habits.data ? { habits: habits.data.data } : {}) };
      return { sum, answer: (await answered(client.POST("/api/v1/compute/sum", { body }))).data };
    },
  });
}
