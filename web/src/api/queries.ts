import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { answered, client, type Of, Refused } from "./client";

/** Who is signed in. */
export const whoQuery = queryOptions({
  queryKey: ["who"],
  // However long the workroom is silent, it is no answer to who stands before it.
  retry: (_, error) => error instanceof Refused && error.isSilence,
  queryFn: async () => (await answered(client.GET("/api/v1/session"))).data,
});

/** The account that is signed in, and what it holds. */
export const accountQuery = queryOptions({
  queryKey: ["account"],
  queryFn: async () => (await answered(client.GET("/api/v1/account"))).data,
});

/** Words and limits of the craft; they change only with the server. */
export const wordsQuery = queryOptions({
  queryKey: ["words"],
  staleTime: Infinity,
  queryFn: async () => (await answered(client.GET("/api/v1/words"))).data,
});

export const habitsQuery = queryOptions({
  queryKey: ["habits"],
  queryFn: async () => answered(client.GET("/api/v1/habits")),
});

export const wearersQuery = queryOptions({
  queryKey: ["wearers"],
  queryFn: async () => (await answered(client.GET("/api/v1/wearers"))).data,
});

export const railQuery = queryOptions({
  queryKey: ["rail"],
  queryFn: async () => (await answered(client.GET("/api/v1/garments"))).data,
});

export const calendarQuery = queryOptions({
  queryKey: ["rail", "calendar"],
  queryFn: async () => (await answered(client.GET("/api/v1/calendar"))).data,
});

export const garmentQuery = (id: string) =>
  queryOptions({
    queryKey: ["garment", id],
    queryFn: async () => answered(client.GET("/api/v1/garments/{id}", { params: { path: { id } } })),
  });

export const journalQuery = (id: string) =>
  queryOptions({
    queryKey: ["garment", id, "journal"],
    queryFn: async () =>
      (await answered(client.GET("/api/v1/garments/{id}/journal", { params: { path: { id } } }))).data,
  });

/** Every fitting of a garment, first to last. */
export const fittingsQuery = (garment: string) =>
  queryOptions({
    queryKey: ["garment", garment, "fittings"],
    queryFn: async () =>
      (await answered(client.GET("/api/v1/garments/{id}/fittings", { params: { path: { id: garment } } })))
        .data,
  });

export const fittingQuery = (id: string) =>
  queryOptions({
    queryKey: ["fitting", id],
    queryFn: async () => answered(client.GET("/api/v1/fittings/{id}", { params: { path: { id } } })),
  });

/** The friends' devices that are in a fitting. */
export const guestsQuery = (id: string) =>
  queryOptions({
    queryKey: ["guests", id],
    queryFn: async () =>
      (await answered(client.GET("/api/v1/fittings/{id}/guests", { params: { path: { id } } }))).data,
  });

/** Everything but the fitting that its result depends on. */
export const jobQuery = (id: string) =>
  queryOptions({
    queryKey: ["fitting", id, "job"],
    queryFn: async () =>
      (await answered(client.GET("/api/v1/fittings/{id}/job", { params: { path: { id } } }))).data,
  });

/** What the core says to a job; while a changed job is computed the last answer stays. */
export const solutionQuery = (job: Of<"Job"> | undefined) =>
  queryOptions({
    queryKey: ["solution", job],
    enabled: job !== undefined,
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
    queryFn: async () =>
      (
        await answered(
          client.POST("/api/v1/compute/job", {
            params: { query: { strays: "aside" } },
            body: job as Of<"Job">,
          }),
        )
      ).data,
  });
