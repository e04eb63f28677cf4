import { v7 as uuid } from "uuid";
import { answered, client } from "../api/client";
import { today } from "../entry/days";

/** Begins the next fitting of a garment, with nothing read yet; its id. */
export async function beginFitting(garment: string): Promise<string> {
  const id = uuid();
  const begin = { garment, held_on: today() };
  await answered(
    client.POST("/api/v1/fittings/{id}/changes", {
      params: { path: { id } },
      body: { changes: [{ id: uuid(), begin }] },
    }),
  );
  return id;
}
