import createClient from "openapi-fetch";
import type { components, paths } from "./schema";
import { type Fate, fate, retryAfter } from "./sending";

/** A type of the server, by its name in the OpenAPI document. */
export type Of<Name extends keyof components["schemas"]> = components["schemas"][Name];
/** The name of a body measure. */
export type MeasureName = Of<"Words">["body"][number]["name"];
/** What the server says when it refuses. */
export type Problem = Of<"Problem">;

/** No answer within this many milliseconds is silence. */
const PATIENCE = 20_000;

/** Whose page this is; nobody's until somebody comes in. */
let page: string | null = null;

/** Says whose page this is from now on: every request says it, and the workroom refuses one whose session is another's. */
export function pageIs(of: string | null) {
  page = of;
}

/** An address that says whose page leads there, for what no request of this client fetches. */
export const fromThisPage = (address: string) =>
  page === null ? address : `${address}${address.includes("?") ? "&" : "?"}page=${page}`;

export const client = createClient<paths>({
  baseUrl: "/",
  credentials: "same-origin",
  fetch: (request) =>
    fetch(request, { signal: AbortSignal.any([request.signal, AbortSignal.timeout(PATIENCE)]) }),
});

client.use({
  onRequest: ({ request }) => {
    if (page !== null) request.headers.set("Vemble-Page", page);
    return request;
  },
});

/** Told on the window when the workroom no longer knows who is asking. */
export const SIGNED_OUT = "vemble:signed-out";

/** A refusal of the server, or its silence. */
export class Refused extends Error {
  constructor(
    readonly problem: Problem | null,
    readonly status: number,
    /** In how many seconds to come back, where that was said. */
    readonly retryAfter: number | null = null,
  ) {
    super(problem?.detail ?? "The workroom does not answer just now. What you typed stays where it is.");
  }

  /** What it means for a change that was sent. */
  get fate(): Fate {
    return fate(this.status);
  }

  /** True when asking again later can help. */
  get isSilence(): boolean {
    return this.fate === "kept";
  }
}

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** The body of an answer with its version and the journal line it names, or a {@link Refused}. */
export async function answered<T>(
  call: Promise<Answer<T>>,
): Promise<{ data: T; version: number; line: number }> {
  let answer: Answer<T>;
  try {
    answer = await call;
  } catch {
    throw new Refused(null, 0);
  }
  if (!answer.response.ok) {
    const problem =
      answer.error && typeof answer.error === "object" && "code" in answer.error
        ? (answer.error as Problem)
        : null;
    const { status, headers } = answer.response;
    if (status === 401) window.dispatchEvent(new Event(SIGNED_OUT));
    throw new Refused(problem, status, retryAfter(headers.get("retry-after")));
  }
  const line = Number(answer.response.headers.get("vemble-line") ?? 0);
  return { data: answer.data as T, version: versionOf(answer.response), line };
}

function versionOf(response: Response): number {
  // A compressing server may mark the tag as weak; the version inside is the same.
  return Number(response.headers.get("etag")?.replace(/\D/g, "") ?? 0);
}

/** The header that says which version was read. */
export function ifMatch(version: number | null): { headers?: { "If-Match": string } } {
  return version === null ? {} : { headers: { "If-Match": `"${version}"` } };
}
