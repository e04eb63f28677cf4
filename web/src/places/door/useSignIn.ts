import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { askAgain } from "../../api/askAgain";
import { answered, client, Refused } from "../../api/client";

/** Ways into the workroom, how the last try went, and whether one is under way. */
export function useSignIn() {
  const queries = useQueryClient();
  const [wrong, setWrong] = useState<Refused | null>(null);
  const [busy, setBusy] = useState(false);
  const enter = async (way: () => Promise<unknown>) => {
    setBusy(true);
    setWrong(null);
    try {
      await way();
      await askAgain(queries, "person");
    } catch (refusal) {
      setWrong(refusal instanceof Refused ? refusal : new Refused(null, 0));
    } finally {
      setBusy(false);
    }
  };
  return {
    wrong,
    busy,
    /** Forgets what was wrong with the last try. */
    forget: () => setWrong(null),
    signIn: (body: { email: string; password: string }, fresh = false) =>
      enter(async () => {
        if (fresh) await answered(client.POST("/api/v1/account", { body }));
        await answered(client.POST("/api/v1/session", { body }));
      }),
    /** Opens the demo workroom; from a place of somebody else's workroom, at its own rail. */
    openDemo: (place?: string) =>
      enter(async () => {
        const { data } = await answered(client.POST("/api/v1/demo-session"));
        if (place !== undefined && data.email !== place) window.location.assign("/");
      }),
  };
}
