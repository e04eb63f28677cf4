import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import {
  createContext,
  type ReactNode,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
} from "react";
import { fittingQuery } from "../api/queries";
import { browserCupboard, keptByEarlierBuilds } from "./cupboard";
import { Post, type Standing, type Told, type Ways } from "./post";
import { inOrder, inWords, type Waiting } from "./records";
import { SHEET } from "./sheet";

const PostContext = createContext<Post | null>(null);

/** The post of whoever is in. */
export function usePost(): Post {
  const post = useContext(PostContext);
  if (!post) throw new Error("nobody is in");
  return post;
}

/** The ways to the workroom, fetched when something is to go there: no page waits for them. */
function waysFor(queries: QueryClient): Ways {
  const ways = async () => (await import("./ways")).waysOf(queries);
  return {
    send: async (...what) => (await ways()).send(...what),
    read: async (...what) => (await ways()).read(...what),
  };
}

/** How a post stands. */
export const useStanding = (post: Post): Standing => useSyncExternalStore(post.subscribe, post.snapshot);

/** What the windows in which one person is in tell one another, where the browser has a channel for it. */
function windowsOf(owner: string) {
  let channel: BroadcastChannel | null = null;
  return {
    tell: (told: Told) => channel?.postMessage({ owner, told }),
    /** Hears and tells until what this gives is called. */
    listen: (onTold: (told: Told) => void) => {
      if (typeof BroadcastChannel === "undefined") return () => undefined;
      const open = new BroadcastChannel("vemble.waiting");
      open.onmessage = ({ data }: MessageEvent<{ owner: string; told: Told }>) => {
        if (data.owner === owner) onTold(data.told);
      };
      channel = open;
      return () => {
        channel = null;
        open.close();
      };
    },
  };
}

/**
 * Keeps one person's post while its children stand. Where the browser has locks, one window sends for all of them
 * and another takes over when it closes; where it has none, each sends what waits, and the workroom makes each change
 * once.
 */
export function PostOffice(props: { owner: string; name: string; there: boolean; children: ReactNode }) {
  const { owner, name, there } = props;
  const queries = useQueryClient();
  const [opened, setOpened] = useState<Post | null>(null);
  const post = useMemo(() => {
    const windows = windowsOf(owner);
    const cupboard = browserCupboard(
      () => made.changed(),
      () => void made.open().then(() => made.again()),
    );
    const made: Post = new Post(owner, cupboard, waysFor(queries), windows.tell);
    return { made, listen: () => windows.listen((told) => made.told(told)) };
  }, [owner, queries]);
  useEffect(() => {
    const { made, listen } = post;
    const deafen = listen();
    const unhear = made.hear((news) => {
      if (news.is !== "answered") return;
      const { record, version, line } = news.answered;
      queries.setQueryData(fittingQuery(news.fitting).queryKey, { data: record, version, line });
      void queries.invalidateQueries({ queryKey: ["rail"] });
      void queries.invalidateQueries({ queryKey: ["garment", record.garment] });
    });
    const leave = new AbortController();
    const send = async () => {
      await made.open();
      if (leave.signal.aborted) return;
      for (const { fitting, what } of keptByEarlierBuilds(name, owner)) made.enter(fitting, what);
      setOpened(made);
      if (!navigator.locks) return made.sendFromHere();
      await navigator.locks.request(`vemble.sending.${owner}`, { signal: leave.signal }, async () => {
        await made.sendFromHere();
        await new Promise((done) => leave.signal.addEventListener("abort", done));
      });
    };
    // Leaving the page gives the turn up.
    send().catch(() => undefined);
    const again = () => made.again();
    window.addEventListener("online", again);
    return () => {
      leave.abort();
      made.stop();
      unhear();
      deafen();
      window.removeEventListener("online", again);
    };
  }, [post, queries, name, owner]);
  useEffect(() => {
    if (there) post.made.again();
  }, [there, post]);
  useEffect(() => {
    // What lies in no cupboard goes with the page.
    const ask = (event: BeforeUnloadEvent) => {
      const { waiting, keeps } = post.made.snapshot();
      if (queries.isMutating({ mutationKey: SHEET }) > 0 || (!keeps && waiting.length > 0))
        event.preventDefault();
    };
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, [post, queries]);
  if (opened !== post.made) return null;
  return <PostContext value={opened}>{props.children}</PostContext>;
}

/** What this browser keeps, whoever it belongs to, in words; nothing where nothing waits. */
export function useKeptHere(): string | null {
  const [words, setWords] = useState<string | null>(null);
  useEffect(() => {
    const count = (all: Waiting[]) => setWords(inWords(inOrder(all)));
    browserCupboard(() => undefined)
      .all()
      .then(count, () => undefined);
  }, []);
  return words;
}
