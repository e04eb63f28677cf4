import { useQuery } from "@tanstack/react-query";
import { type ComponentType, useEffect, useMemo } from "react";
import { useParams } from "react-router";
import { jobQuery, solutionQuery } from "../api/queries";
import { patient } from "../frame/patient";
import { NotHere } from "../frame/PutRight";
import { type FittingPlaceName, placeNamed } from "../frame/registry";
import { KEPT_HERE, useSaved } from "../frame/saved";
import { usePost, useStanding } from "../waiting/usePost";
import { v7 as uuid } from "uuid";
import { type InHand, placeWords, useInHandForSums } from "../sums/keeping";
import type { AtWork } from "./atWork";
import { apply } from "./changes";
import { Heard } from "./Heard";
import { FriendContext, useIsFriend } from "./friend";
import { Strays, without } from "./Strays";
import { type Draft, useDraft } from "./useDraft";

type Fetch = () => Promise<{ default: ComponentType<AtWork> }>;
const page = (fetch: Fetch) => ({ fetch, Shown: patient(fetch) });
const places: Record<FittingPlaceName, ReturnType<typeof page>> = {
  mirror: page(() => import("../places/mirror/Mirror")),
  ring: page(() => import("../places/mirror/HemMirror")),
  chalk: page(() => import("../places/chalk/Chalk")),
  hem: page(() => import("../places/chalk/HemPage")),
  bench: page(() => import("../places/bench/Bench")),
  check: page(() => import("../places/chalk/Check")),
  share: page(() => import("../places/share/ShareOut")),
  fit: page(() => import("../places/fit/FitPlace")),
  copy: page(() => import("../places/copy/CopyFavourite")),
  compare: page(() => import("../places/compare/CompareFittings")),
  history: page(() => import("../places/history/History")),
};

/** Fetches the other places while there is a connection, so that losing it closes none of them. */
function useAllPlaces() {
  useEffect(() => {
    // One that cannot be fetched now is fetched, and its failure told, when it is opened.
    for (const { fetch } of Object.values(places)) void fetch().catch(() => undefined);
  }, []);
}

const words = { saved: "Saved", saving: "Saving", silent: KEPT_HERE, refused: "Not taken" };

function Place({ place, at }: { place: FittingPlaceName; at: AtWork }) {
  const { Shown } = places[place];
  return <Shown {...at} />;
}

/** One fitting at one of its places. */
export default function FittingPlace() {
  useAllPlaces();
  const { fittingId = "" } = useParams();
  return <At key={fittingId} id={fittingId} />;
}

/** The one fitting a friend's device is in: its mirror, and nothing else. */
export function FriendsFitting({ id }: { id: string }) {
  return (
    <FriendContext value={true}>
      <At id={id} />
    </FriendContext>
  );
}

/** Keeps a sum with the fitting, at the place of the garment it is about. */
function keeping(change: Draft["change"]): InHand["putBack"] {
  return ({ sum, place }) => {
    const at = placeWords(place);
    return {
      words: at ? `Keep it at ${at}` : "Keep it with this fitting",
      done: at ? `Kept at ${at}` : "Kept with this fitting",
      noted: true,
      put: (note) =>
        change((now) => ({ ...now, sums: [...(now.sums ?? []), { id: uuid(), note, sum, place }] })),
    };
  };
}

function At({ id }: { id: string }) {
  const place = placeNamed(useParams().place);
  const friend = useIsFriend();
  const draft = useDraft(id);
  const read = useQuery(jobQuery(id));
  const job = useMemo(
    () => (read.data && draft.draft ? { ...read.data, fitting: draft.draft.fitting } : undefined),
    [read.data, draft.draft],
  );
  const solution = useQuery(solutionQuery(job));
  const { change } = draft;
  const [name, known] = [job?.garment.name, solution.data?.known_sums];
  const inHand = useMemo<InHand | null>(
    () => (name && known ? { id, name, known, putBack: keeping(change) } : null),
    [id, name, known, change],
  );
  useInHandForSums(inHand);
  const { state } = draft.saving;
  const { keeps } = useStanding(usePost());
  useSaved(words[state], state === "silent" || state === "refused");
  if (!job || !solution.data) {
    return <NotHere error={draft.missing ?? read.error ?? solution.error} fetching="Fetching the fitting." />;
  }
  // Places work with what is on the garment; what strays stands above them all.
  const { strays } = solution.data;
  const settled = { ...job, fitting: strays.reduce(without, job.fitting) };
  const at: AtWork = {
    id,
    draft,
    job: strays.length > 0 ? settled : job,
    solution: solution.data,
    stale: solution.isPlaceholderData,
  };
  return (
    <>
      {state === "silent" && (
        <p className="banner" role="alert">
          The workroom does not answer.{" "}
          {keeps
            ? "What you enter is kept in this browser and goes in as soon as it is back."
            : "This browser keeps nothing: leave this page open, and what you entered goes in as soon as it is back."}
        </p>
      )}
      {draft.saving.state === "refused" && (
        <p className="banner" role="alert">
          {draft.saving.refusal.detail}
        </p>
      )}
      <Heard draft={draft} />
      <Strays
        strays={strays}
        job={job}
        seams={solution.data.pinnable}
        onTakeOut={(stray) => change((now) => without(now, stray))}
        onMoved={(pin) => change((now) => apply(now, [{ change: "put_pin", pin }]))}
      />
      <Place place={friend && place !== "ring" ? "mirror" : place} at={at} />
    </>
  );
}
