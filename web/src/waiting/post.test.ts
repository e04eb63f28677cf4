import { describe, expect, it } from "vitest";
import { type Problem, Refused } from "../api/client";
import { newer, seen } from "../fitting/base";
import type { Pin } from "../fitting/changes";
import { fitting, pin } from "../fitting/sample";
import type { Cupboard } from "./cupboard";
import { type Answered, type News, Post, type Told, type WasRead, type Ways } from "./post";
import { batch, inOrder, inWords, type Posted, type Waiting } from "./records";

const posted = (id: string, reading: number): Posted => ({
  id,
  parts: [{ change: "put_pin", pin: pin(id, reading) }],
});
const base = (line: number, pins: Pin[] = []) => ({
  version: line,
  line,
  record: { garment: "g", number: 1, fitting: { ...fitting, pins } },
});
const problem = { code: "job.nonsense", status: 422, title: "", detail: "Too deep." } as Problem;
const typed = (text: string): Waiting["what"] => ({ typed: { pin: { reading: text } as never } });
const waits = (id: string, of = "f", what: Waiting["what"] = { change: posted(id, 1) }): Waiting => ({
  id,
  owner: "ada",
  fitting: of,
  what,
});

/** A browser: one cupboard, and windows that tell each other. */
function browser() {
  const shelf = new Map<string, Waiting>();
  const cupboard = (): Cupboard => ({
    keeps: true,
    all: async () => [...shelf.values()],
    put: async (waiting) => void shelf.set(waiting.id, waiting),
    drop: async (ids) => ids.forEach((id) => shelf.delete(id)),
  });
  const windows: { owner: string; post: Post }[] = [];
  const open = async (owner: string, ways: Partial<Ways>) => {
    const silent = () => Promise.reject(new Refused(null, 0));
    const tell = (told: Told) => {
      for (const other of windows)
        if (other.post !== post && other.owner === owner) other.post.told(structuredClone(told));
    };
    const post: Post = new Post(owner, cupboard(), { send: silent, read: silent, ...ways }, tell);
    windows.push({ owner, post });
    await post.open();
    return post;
  };
  return { shelf, open };
}

/** Takes everything, and remembers what came. */
function workroom(refuses: (change: Posted) => boolean = () => false) {
  const came: string[] = [];
  const send = async (_: string, changes: Posted[]): Promise<Answered> => {
    came.push(...changes.map((change) => change.id));
    const answers = changes.map((change) => ({
      id: change.id,
      line: 2,
      refused: refuses(change) ? problem : null,
    }));
    return { answers, ...base(2) };
  };
  const read = async (_: string, what: object): Promise<WasRead> => {
    const text = (what as { pin: { reading: string } }).pin.reading;
    if (text === "abc") throw new Refused(problem, 422);
    return { echo: `heard ${text}`, parts: [{ change: "put_pin", pin: pin(text, Number(text)) }] };
  };
  return { came, send, read };
}
const settled = () => new Promise((done) => setTimeout(done, 0));

describe("what waits in a browser", () => {
  it("is kept at once, sent once, and gone when the workroom has spoken of it", async () => {
    const here = browser();
    const { came, ...ways } = workroom();
    const post = await here.open("ada", ways);
    post.enter("f", { change: posted("a", 10) });
    expect([...here.shelf.keys()]).toEqual(["a"]);
    await post.sendFromHere();
    await settled();
    expect(came).toEqual(["a"]);
    expect(here.shelf.size).toBe(0);
    expect(post.snapshot().waiting).toEqual([]);
  });

  it("stays through silence and an ended session, and is sent again as it was", async () => {
    const here = browser();
    let status = 503;
    const { came, send } = workroom();
    const answer: Ways["send"] = (of, changes) =>
      status === 200 ? send(of, changes) : Promise.reject(new Refused(problem, status));
    const post = await here.open("ada", { send: answer });
    await post.sendFromHere();
    post.enter("f", { change: posted("a", 10) });
    for (const next of [0, 401, 429, 500]) {
      await settled();
      expect(post.snapshot().waiting.map((each) => each.id)).toEqual(["a"]);
      expect(post.snapshot().failures).toBeGreaterThan(0);
      status = next;
      post.again();
    }
    await settled();
    status = 200;
    post.again();
    await settled();
    expect(came).toEqual(["a"]);
    expect(post.snapshot()).toMatchObject({ waiting: [], failures: 0 });
  });

  it("goes at once when its owner comes in again while it is still being refused", async () => {
    const here = browser();
    const { came, send } = workroom();
    let comesBack = () => {};
    const first = new Promise<never>((_, fails) => {
      comesBack = () => fails(new Refused(problem, 503));
    });
    let asked = 0;
    const post = await here.open("ada", {
      send: (of, changes) => (asked++ === 0 ? first : send(of, changes)),
    });
    await post.sendFromHere();
    post.enter("f", { change: posted("a", 10) });
    await settled();
    post.again();
    expect(came).toEqual([]);
    comesBack();
    await settled();
    expect(came).toEqual(["a"]);
    expect(post.snapshot()).toMatchObject({ waiting: [], failures: 0 });
  });

  it("is never another's: what Ada typed waits for Ada", async () => {
    const here = browser();
    const ada = await here.open("ada", {});
    ada.enter("f", { change: posted("a", 10) });
    const { came, ...ways } = workroom();
    const bea = await here.open("bea", ways);
    await bea.sendFromHere();
    await settled();
    expect(came).toEqual([]);
    expect(bea.snapshot().waiting).toEqual([]);
    expect(here.shelf.size).toBe(1);
  });

  it("is shown in every window, sent by one, and taken over when that one closes", async () => {
    const here = browser();
    const { came, ...ways } = workroom();
    const first = await here.open("ada", {});
    const second = await here.open("ada", ways);
    await first.sendFromHere();
    first.enter("f", { change: posted("a", 10) });
    second.enter("f", { change: posted("b", 12) });
    await settled();
    for (const post of [first, second])
      expect(post.snapshot().waiting.map((each) => each.id)).toEqual(["a", "b"]);
    expect(came).toEqual([]);
    first.stop();
    await second.sendFromHere();
    await settled();
    expect(came).toEqual(["a", "b"]);
    expect(first.snapshot().waiting).toEqual([]);
  });

  it("becomes a change under one id once it is read, and is in the cupboard all the while", async () => {
    const here = browser();
    const { came, send, read } = workroom();
    const seenInTheCupboard: number[] = [];
    const post = await here.open("ada", {
      send: (of, changes) => {
        seenInTheCupboard.push(here.shelf.size);
        return send(of, changes);
      },
      read: (of, what) => {
        seenInTheCupboard.push(here.shelf.size);
        return read(of, what);
      },
    });
    const news: News[] = [];
    post.hear((each) => news.push(each));
    const id = post.enter("f", typed("12"));
    await post.sendFromHere();
    await settled();
    expect(seenInTheCupboard).toEqual([1, 1]);
    expect(came).toEqual([id]);
    expect(news.map((each) => each.is)).toEqual(["heard", "answered"]);
    expect(here.shelf.size).toBe(0);
  });

  it("is read though a change before it cannot be sent, and goes in after it", async () => {
    const here = browser();
    let answers = false;
    const { came, send, read } = workroom();
    const post = await here.open("ada", {
      send: (of, changes) => (answers ? send(of, changes) : Promise.reject(new Refused(null, 0))),
      read,
    });
    await post.sendFromHere();
    post.enter("f", { change: posted("0", 10) });
    const id = post.enter("f", typed("12"));
    await settled();
    await settled();
    expect(post.snapshot().waiting.every((each) => "change" in each.what)).toBe(true);
    answers = true;
    post.again();
    await settled();
    expect(came).toEqual(["0", id]);
  });

  it("is not kept again when another window let go of it while it was under way", async () => {
    const here = browser();
    const first = await here.open("ada", {
      send: async () => {
        second.seen(["a"]);
        throw new Refused(problem, 422);
      },
    });
    const second = await here.open("ada", {});
    first.enter("f", { change: posted("a", 10) });
    await first.sendFromHere();
    await settled();
    expect(here.shelf.size).toBe(0);
    expect(first.snapshot().waiting).toEqual([]);
  });

  it("comes back with the reason when the workroom will not have it, until that is seen", async () => {
    const here = browser();
    const { came, ...ways } = workroom((change) => change.id === "b");
    const post = await here.open("ada", ways);
    await post.sendFromHere();
    const abc = post.enter("f", typed("abc"));
    post.enter("f", { change: posted("a", 10) });
    post.enter("f", { change: posted("b", 999) });
    await settled();
    expect(came).toEqual(["a", "b"]);
    const back = post.snapshot().waiting;
    expect(back.map((each) => [each.id, each.refused?.detail])).toEqual(
      inOrder([waits(abc), waits("b")]).map((each) => [each.id, "Too deep."]),
    );
    expect(here.shelf.size).toBe(2);
    post.seen(back.map((each) => each.id));
    expect(here.shelf.size).toBe(0);
  });
});

describe("what is sent at once", () => {
  it("is of one fitting, in the order it was entered, and stops before what is still to be read", () => {
    const all = [
      waits("1", "f"),
      waits("2", "g"),
      waits("3", "f"),
      waits("4", "f", typed("9")),
      waits("5", "f"),
    ];
    expect(batch(all).map((each) => each.id)).toEqual(["1", "3"]);
    expect(batch(all.slice(1)).map((each) => each.id)).toEqual(["2"]);
    // What comes after something that is still to be read waits for it; another fitting does not.
    expect(batch(all.slice(3))).toEqual([]);
    expect(batch([...all.slice(3), waits("6", "g")]).map((each) => each.id)).toEqual(["6"]);
    expect(batch([{ ...waits("1"), refused: problem }, waits("2")]).map((each) => each.id)).toEqual(["2"]);
  });

  it("is no more than the workroom takes, and the rest after it", () => {
    const long = (id: string): Waiting =>
      waits(id, "f", {
        change: {
          id,
          parts: Array.from({ length: 900 }, (_, i) => ({ change: "put_pin", pin: pin(`${id}-${i}`, i) })),
        },
      });
    let all = Array.from({ length: 60 }, (_, i) => long(`c${String(i).padStart(2, "0")}`));
    let sent = 0;
    for (let some = batch(all); some.length > 0; some = batch(all)) {
      expect(some.length === 1 || JSON.stringify(some).length < 500_000).toBe(true);
      sent += some.length;
      all = all.slice(some.length);
    }
    expect(sent).toBe(60);
  });

  it("is said in words", () => {
    expect(inWords([])).toBeNull();
    expect(inWords([waits("1"), waits("2")])).toBe("changes to one fitting");
    expect(inWords([waits("1"), waits("2", "g"), waits("3", "f", typed("9"))])).toBe(
      "changes to 2 fittings and one reading",
    );
  });
});

describe("a fitting with what waits on top", () => {
  const readings = (...waiting: Waiting[]) =>
    seen(base(3, [pin("a", 10)]), waiting)?.fitting.pins?.map((each) => each.reading);
  it("shows each change and none that was refused", () => {
    const changes = [
      waits("b", "f", { change: posted("b", 12) }),
      waits("a", "f", { change: posted("a", 14) }),
      { ...waits("c", "f", { change: posted("c", 16) }), refused: problem },
    ];
    expect(readings(...changes)).toEqual([14, 12]);
    expect(seen(null, changes)).toBeNull();
  });
  it("takes no older news for newer", () => {
    expect(newer(base(5), base(4)).line).toBe(5);
    expect(newer(base(5), base(6)).line).toBe(6);
    expect(newer(null, base(1)).line).toBe(1);
  });
});
