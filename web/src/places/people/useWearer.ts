import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answered, client, ifMatch, type Of, Refused } from "../../api/client";
import { NOT_YET, useSaved } from "../../frame/saved";
import { SHEET } from "../../waiting/sheet";

type Kept = Of<"KeptWearer">;

/** Saves one change of a wearer at a time, each onto what stands by then. */
export function useWearer(kept: Kept) {
  const queries = useQueryClient();
  const save = useMutation({
    mutationKey: SHEET,
    mutationFn: async (change: (wearer: Of<"Wearer">) => Of<"Wearer">) => {
      const put = async (version: number, wearer: Of<"Wearer">) =>
        answered(
          client.PUT("/api/v1/wearers/{id}", {
            params: { path: { id: kept.id } },
            body: change(wearer),
            ...ifMatch(version),
          }),
        );
      const now = queries.getQueryData<Kept[]>(["wearers"])?.find((each) => each.id === kept.id) ?? kept;
      try {
        return await put(now.version, now.wearer);
      } catch (refusal) {
        // One number of a sheet: when the rest was changed elsewhere, it goes onto what stands now.
        if (!(refusal instanceof Refused) || refusal.status !== 412 || !refusal.problem?.version)
          throw refusal;
        return put(refusal.problem.version, refusal.problem.current as Of<"Wearer">);
      }
    },
    scope: { id: kept.id },
    retry: (count, error) => error instanceof Refused && error.isSilence && count < 400,
    retryDelay: 1500,
    onSuccess: ({ data, version }) => {
      queries.setQueryData<Kept[]>(["wearers"], (all) =>
        all?.map((each) => (each.id === kept.id ? { ...each, version, wearer: data } : each)),
      );
      void queries.invalidateQueries({ queryKey: ["fitting"] });
      void queries.invalidateQueries({ queryKey: ["rail"] });
    },
  });
  useSaved(
    save.isPending ? (save.failureCount > 0 ? NOT_YET : "Saving") : save.isError ? "Not taken" : "Saved",
    save.failureCount > 0,
  );
  return save;
}
