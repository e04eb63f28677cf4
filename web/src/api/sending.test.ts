import { describe, expect, it } from "vitest";
import { fate, pause, retryAfter } from "./sending";

describe("what an answer means for a change", () => {
  it("keeps it through silence, haste and every fault of the workroom", () => {
    for (const status of [0, 408, 425, 429, 500, 502, 503, 504, 507, 599]) expect(fate(status)).toBe("kept");
  });
  it("keeps it over an ended session", () => expect(fate(401)).toBe("signed_out"));
  it("gives it back only where the workroom speaks of the change itself", () => {
    for (const status of [400, 403, 404, 409, 412, 413, 415, 422]) expect(fate(status)).toBe("refused");
  });
});

describe("how long to wait", () => {
  it("waits longer each time and never for ever", () => {
    const waits = [1, 2, 3, 4, 5, 6, 20].map((failures) => pause(failures));
    expect(waits).toEqual([1500, 3000, 6000, 12_000, 24_000, 30_000, 30_000]);
  });
  it("never comes back sooner than it was asked to", () => {
    expect(pause(1, 10)).toBe(10_000);
    expect(pause(9, 10)).toBe(30_000);
    expect(pause(1, 90)).toBe(90_000);
  });
  it("reads what was asked for, as seconds or as a date", () => {
    const now = Date.parse("2026-11-26T08:00:00Z");
    expect(retryAfter("7", now)).toBe(7);
    expect(retryAfter("Thu, 26 Nov 2026 08:00:30 GMT", now)).toBe(30);
    expect(retryAfter("Thu, 26 Nov 2026 07:00:00 GMT", now)).toBe(0);
    for (const nothing of [null, "", "soon"]) expect(retryAfter(nothing, now)).toBeNull();
  });
});
