import { QueryClient } from "@tanstack/react-query";
import { describe, expect, it } from "vitest";
import { askAgain, stale } from "./askAgain";
import queries from "./queries.ts?raw";

/** What a query's answer is computed of stands in its key, or it changes only with the server. */
const computed = ["words", "body-sketch", "sketch", "solution"];

describe("what a change makes stale", () => {
  it("is, when somebody else comes in, everything that is asked for by what is kept", () => {
    const asked = [...queries.matchAll(/queryKey: \["([a-z-]+)"/g)].map(([, first]) => first);
    expect(asked.length).toBeGreaterThan(10);
    const forgotten = asked.filter((first) => ![...computed, ...stale.person].includes(first as "who"));
    expect(forgotten).toEqual([]);
    for (const some of Object.values(stale)) expect(stale.person).toEqual(expect.arrayContaining([...some]));
  });

  it("is asked for again, and nothing else", async () => {
    const client = new QueryClient();
    const keys = [["rail", "calendar"], ["fitting", "f", "job"], ["habits"], ["solution", { of: 1 }]];
    for (const queryKey of keys) client.setQueryData(queryKey, "known");
    await askAgain(client, "garments");
    const isStale = keys.map((queryKey) => client.getQueryState(queryKey)?.isInvalidated);
    expect(isStale).toEqual([true, true, false, false]);
  });
});
