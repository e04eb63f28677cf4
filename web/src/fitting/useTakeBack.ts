import { useMutation } from "@tanstack/react-query";
import { answered, client, Refused } from "../api/client";

/** Takes a journal line back, with those that stand on it where they are named. */
export function useTakeBack(garment: string, onDone: () => Promise<unknown>) {
  const mutation = useMutation({
    mutationFn: ({ line, also = [] }: { line: number; also?: number[] }) =>
      answered(
        client.POST("/api/v1/garments/{id}/undo", {
          params: { path: { id: garment } },
          body: { line, also },
        }),
      ),
    // Until the list of what was done is the new one, there is nothing else to take back.
    onSuccess: () => onDone(),
  });
  const refusal = mutation.error instanceof Refused ? mutation.error : null;
  return { ...mutation, refusal, asked: mutation.variables?.line ?? null };
}
