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

/** How far the workroom file is that was handed over last; asked for again for as long as it is on its way in. */
export const restoringQuery = queryOptions({
  queryKey: ["restoring"],
  refetchInterval: ({ state }) => (isGoingIn(state.data?.stage) ? 500 : false),
  queryFn: async () => (await answered(client.GET("/api/v1/workroom/restoring"))).data,
});

/** True while a workroom file is on its way in. */
export const isGoingIn = (stage: Of<"Stage"> | undefined) =>
  stage === "waits" || stage === "looked_over" || stage === "written";

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

/** A body drawn as far as it has been measured on a day. */
export const bodySketchQuery = (
  wearer: Of<"Wearer">,
  takenOn: string | undefined,
  habits: Of<"Habits"> | undefined,
) =>
  queryOptions({
    queryKey: ["body-sketch", wearer, takenOn, habits],
    enabled: habits !== undefined && takenOn !== undefined,
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
    queryFn: async () =>
      (
        await answered(
          client.POST("/api/v1/compute/body-sketch", {
            body: { wearer, taken_on: takenOn as string, habits: habits as Of<"Habits"> },
          }),
        )
      ).data,
  });

/** What fits into an evening of so many minutes; the habit's where none are said. */
export const tonightQuery = (minutes: number | undefined) =>
  queryOptions({
    queryKey: ["rail", "tonight", minutes],
    placeholderData: keepPreviousData,
    queryFn: async () =>
      (
        await answered(
          client.GET("/api/v1/tonight", { params: { query: minutes === undefined ? {} : { minutes } } }),
        )
      ).data,
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
/** A garment drawn as far as it has been measured. */
export const sketchQuery = (garment: Of<"Garment">, habits: Of<"Habits"> | undefined) =>
  queryOptions({
    queryKey: ["sketch", garment, habits],
    enabled: habits !== undefined,
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
    queryFn: async () =>
      (
        await answered(
          client.POST("/api/v1/compute/sketch", { body: { garment, habits: habits as Of<"Habits"> } }),
        )
      ).data,
  });

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
