import { v7 as uuid } from "uuid";
import type { Of } from "../api/client";
import { Refused } from "../api/client";
import { pause } from "../api/sending";
import type { Cupboard } from "./cupboard";
import { batch, inOrder, type Posted, toRead, type Typed, type Waiting } from "./records";

/** How the workroom has a fitting after changes. */
export type Answered = Of<"ChangesAnswered">;
/** What was read of something typed: what is said of it, and the change it comes to; none where it changes nothing. */
export type WasRead = { echo: string; parts: Of<"Change">[] };

/** The ways to the workroom; each throws a {@link Refused}. */
export type Ways = {
  send: (fitting: string, changes: Posted[]) => Promise<Answered>;
  read: (fitting: string, typed: Typed, before: Posted[]) => Promise<WasRead>;
};

/** What a window tells the others of one browser. */
export type Told = { put: Waiting[] } | { gone: string[] } | News;
/** What became of something, for those who show it. */
export type News =
  | { is: "answered"; fitting: string; answered: Answered }
  | { is: "heard"; fitting: string; id: string; echo: string };

/** How it stands; another object whenever anything of it is another. */
export type Standing = {
  /** Oldest first, with what was refused and not seen yet. */
  waiting: readonly Waiting[];
  /** How often in a row nothing came back. */
  failures: number;
  /** False where this browser keeps nothing over its closing. */
  keeps: boolean;
};

/**
 * What one person's hand in this browser still has to bring to the workroom, from whichever place it was entered. It
 * is kept at once, shown in every window, and sent by one of them until the workroom has spoken of it. Nothing leaves
 * but by that word.
 */
export class Post {
  private all: Waiting[] = [];
  private gone = new Set<string>();
  private failures = 0;
  private busy = false;
  private onceMore = false;
  private sends = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private stands: Standing;
  private readonly watching = new Set<() => void>();
  private readonly hearing = new Set<(news: News) => void>();

  constructor(
    readonly owner: string,
    private readonly cupboard: Cupboard,
    private readonly ways: Ways,
    /** Tells the other windows. */
    private readonly tell: (told: Told) => void,
  ) {
    this.stands = this.standing();
  }

  /** Takes up what was kept when this browser was last closed or cut off. */
  async open() {
    const kept = await this.cupboard.all();
    this.add(kept.filter((each) => each.owner === this.owner));
  }

  readonly snapshot = (): Standing => this.stands;
  readonly subscribe = (watch: () => void) => {
    this.watching.add(watch);
    return () => void this.watching.delete(watch);
  };

  /** Hears what became of things, until the answer is called. */
  hear(hears: (news: News) => void) {
    this.hearing.add(hears);
    return () => void this.hearing.delete(hears);
  }

  /** From now on this window sends, and no other does. */
  async sendFromHere() {
    await this.open();
    this.sends = true;
    void this.work();
  }

  /** Another window sends, or nobody is there to send for. */
  stop() {
    this.sends = false;
    clearTimeout(this.timer);
  }

  /** Somebody came in again, or the connection did: what waits is sent now, or once what is on its way has come back. */
  again() {
    clearTimeout(this.timer);
    this.failures = 0;
    this.onceMore = this.busy;
    this.changed();
    void this.work();
  }

  /** Takes something in; its id. */
  enter(fitting: string, what: Waiting["what"]): string {
    const id = "change" in what ? what.change.id : uuid();
    const waiting = { id, owner: this.owner, fitting, what };
    this.keep([waiting]);
    void this.work();
    return id;
  }

  /** Its owner has seen why these were refused. */
  seen(ids: string[]) {
    this.drop(ids);
  }

  /** Another window told something. */
  told(told: Told) {
    if ("put" in told) {
      this.add(told.put);
      void this.work();
    } else if ("gone" in told) {
      this.remove(told.gone);
    } else {
      this.say(told);
    }
  }

  private standing(): Standing {
    return { waiting: inOrder(this.all), failures: this.failures, keeps: this.cupboard.keeps };
  }

  /** Something is another: whoever shows it is told. */
  readonly changed = () => {
    this.stands = this.standing();
    for (const watch of this.watching) watch();
  };

  private say(news: News) {
    for (const hears of this.hearing) hears(news);
  }

  private add(more: Waiting[]) {
    const own = more.filter((each) => each.owner === this.owner && !this.gone.has(each.id));
    const ids = new Set(own.map((each) => each.id));
    this.all = [...this.all.filter((each) => !ids.has(each.id)), ...own];
    this.changed();
  }

  private remove(ids: string[]) {
    for (const id of ids) this.gone.add(id);
    this.all = this.all.filter((each) => !this.gone.has(each.id));
    this.changed();
  }

  private keep(more: Waiting[]) {
    // What another window has brought in or let go of meanwhile is not laid into the cupboard again.
    const waiting = more.filter((each) => !this.gone.has(each.id));
    if (waiting.length === 0) return;
    this.add(waiting);
    this.tell({ put: waiting });
    for (const each of waiting) void this.cupboard.put(each);
  }

  private drop(ids: string[]) {
    if (ids.length === 0) return;
    this.remove(ids);
    this.tell({ gone: ids });
    void this.cupboard.drop(ids);
  }

  private async work() {
    if (this.busy || !this.sends) return;
    this.busy = true;
    clearTimeout(this.timer);
    // A reading is read though a change before it cannot be sent just now, and the other way round.
    const failed = new Map<() => Promise<void>, unknown>();
    for (let before: Waiting[] | null = null; this.sends && this.all !== before;) {
      before = this.all;
      for (const some of [this.readAll, this.sendAll]) {
        if (!failed.has(some)) await some().catch((error: unknown) => failed.set(some, error));
      }
    }
    this.busy = false;
    if (this.onceMore) {
      this.onceMore = false;
      return void this.work();
    }
    if (failed.size === 0) {
      if (this.failures === 0) return;
      this.failures = 0;
    } else {
      // What is not the workroom's word on it says nothing about it: it waits.
      this.failures += 1;
      const asked = [...failed.values()].map((error) =>
        error instanceof Refused ? (error.retryAfter ?? 0) : 0,
      );
      this.timer = setTimeout(() => void this.work(), pause(this.failures, Math.max(...asked)));
    }
    this.changed();
  }

  private readonly readAll = async () => {
    for (let next = toRead(inOrder(this.all)); this.sends && next; next = toRead(inOrder(this.all))) {
      if ("typed" in next.what) await this.read(next, next.what.typed);
    }
  };

  private readonly sendAll = async () => {
    for (let next = batch(inOrder(this.all)); this.sends && next[0]; next = batch(inOrder(this.all))) {
      await this.send(next);
    }
  };

  /** What was typed becomes the change it comes to, under the same id. */
  private async read(waiting: Waiting, typed: Typed) {
    const { fitting, id } = waiting;
    try {
      const { echo, parts } = await this.ways.read(fitting, typed, this.changesOf(fitting));
      if (parts.length > 0) this.keep([{ ...waiting, what: { change: { id, parts } } }]);
      else this.drop([id]);
      const heard: News = { is: "heard", fitting, id, echo };
      this.say(heard);
      this.tell(heard);
    } catch (error) {
      this.refuse([waiting], error);
    }
  }

  private async send(batch: Waiting[]) {
    const fitting = batch[0]?.fitting ?? "";
    const changes = batch.flatMap((each) => ("change" in each.what ? [each.what.change] : []));
    try {
      const answered = await this.ways.send(fitting, changes);
      const refused = new Map(
        answered.answers.flatMap(({ id, refused }) => (refused ? [[id, refused] as const] : [])),
      );
      const spoken = answered.answers.map(({ id }) => id);
      // Told before it is let go of, so that nobody shows the fitting without it in between.
      const news: News = { is: "answered", fitting, answered };
      this.say(news);
      this.tell(news);
      this.drop(spoken.filter((id) => !refused.has(id)));
      this.keep(
        batch.flatMap((each) => {
          const problem = refused.get(each.id);
          return problem ? [{ ...each, refused: problem }] : [];
        }),
      );
    } catch (error) {
      this.refuse(batch, error);
    }
  }

  /** The changes of a fitting that wait before what is typed is read. */
  private changesOf(fitting: string): Posted[] {
    return inOrder(this.all).flatMap((each) =>
      each.fitting === fitting && !each.refused && "change" in each.what ? [each.what.change] : [],
    );
  }

  /** Keeps why the workroom would not have them; throws where it did not speak of them. */
  private refuse(batch: Waiting[], error: unknown) {
    if (!(error instanceof Refused) || error.fate !== "refused" || !error.problem) throw error;
    const { problem } = error;
    this.keep(batch.map((each) => ({ ...each, refused: problem })));
  }
}
