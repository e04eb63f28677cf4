import type { QueryClient } from "@tanstack/react-query";
import { answered, client } from "../api/client";
import { fittingQuery } from "../api/queries";
import { apply, between } from "../fitting/changes";
import { withHemReading, withPin } from "../fitting/taking";
import type { Ways } from "./post";

/** The ways to the workroom. What is known of fittings is asked for only where it is not known yet. */
export const waysOf = (queries: QueryClient): Ways => ({
  send: async (fitting, changes) =>
    (
      await answered(
        client.POST("/api/v1/fittings/{id}/changes", {
          params: { path: { id: fitting } },
          body: { changes },
        }),
      )
    ).data,
  read: async (fitting, typed, before) => {
    const known = async () => {
      const { data } = await queries.ensureQueryData(fittingQuery(fitting));
      return apply(
        data.fitting,
        before.flatMap((change) => change.parts ?? []),
      );
    };
    if ("pin" in typed) {
      const { data } = await answered(client.POST("/api/v1/compute/pin", { body: typed.pin }));
      const now = await known();
      const echo = data.read?.echo ?? "Taken. Measure the seam's length to hear what it does.";
      return { echo, parts: between(now, withPin(now, data)) };
    }
    const { data } = await answered(client.POST("/api/v1/compute/hem-reading", { body: typed.hem }));
    const now = await known();
    return { echo: data.echo, parts: between(now, withHemReading(now, typed.hem.hem, data.reading)) };
  },
});
