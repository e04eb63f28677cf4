import { useMutation, useQueryClient } from "@tanstack/react-query";
import { askAgain } from "./askAgain";
import { answered, client, ifMatch, type Of } from "./client";
import { SHEET } from "../waiting/sheet";
import { habitsQuery } from "./queries";

type Habits = Of<"Habits">;

/**
 * Changes the account's habits: one change after the other, each made on what is in force when its turn comes. Its
 * answer is what that changed on the garments that hang here, where `say` asks for it.
 */
export function useChangeHabits({ say = false } = {}) {
  const queries = useQueryClient();
  return useMutation({
    mutationKey: SHEET,
    mutationFn: async (change: (habits: Habits) => Habits): Promise<Of<"HabitEffect">[]> => {
      const { data, version } = await queries.fetchQuery(habitsQuery);
      const next = change(data);
      const effects = say ? await effectsOf(next) : [];
      await answered(client.PUT("/api/v1/habits", { body: next, ...ifMatch(version) }));
      return effects;
    },
    scope: { id: "habits" },
    onSuccess: () => askAgain(queries, "habits"),
  });
}

/** What other habits would change on the garments that hang here. */
export async function effectsOf(habits: Habits): Promise<Of<"HabitEffect">[]> {
  return (await answered(client.POST("/api/v1/habits/effect", { body: habits }))).data;
}
