import fc from "fast-check";
import { heardTime } from "./kitchen-time";
import { inOneTab, kept, putIn, sendKept, type Entry, type Refused } from "./outbox-queue";

const KEY = "outbox";

beforeAll(() => heardTime(Date.now(), Date.now(), Date.now()));

const entry = (n: number): Entry => ({ method: "PUT", path: `/api/batches/b/acts/${n}`, body: { atMs: n } });
const numberOf = (path: string) => Number(path.split("/").at(-1));

/** What a browser keeps for one address, shared by its tabs. */
function storage() {
  const held = new Map<string, string>();
  return {
    getItem: (key: string) => held.get(key) ?? null,
    setItem: (key: string, text: string) => void held.set(key, text),
  };
}

type Reply = "taken" | "refused" | "disk full" | "signed out" | "no line" | "answer lost";
const STATUS: Partial<Record<Reply, number>> = { refused: 422, "disk full": 507, "signed out": 401 };
/** A server that remembers what reached it, in order; each question is met by the next reply, and taken when none is left. */
function server(replies: Reply[] = []) {
  const reached: number[] = [];
  global.fetch = (async (path: string) => {
    const reply = replies.shift() ?? "taken";
    await Promise.resolve();
    if (reply === "no line") throw new TypeError("Failed to fetch");
    const status = STATUS[reply];
    if (status) return Response.json({ title: "No", status, detail: `not ${path}`, issues: [] }, { status });
    reached.push(numberOf(path));
    if (reply === "answer lost") throw new TypeError("Failed to fetch");
    return Response.json({});
  }) as unknown as typeof fetch;
  return reached;
}

const told = () => {
  const sent: number[] = [];
  const refused: string[] = [];
  const notNow: string[] = [];
  return {
    sent: (e: Entry) => void sent.push(numberOf(e.path)),
    refused: ({ entry: e, detail }: Refused) => void refused.push(`${numberOf(e.path)} ${detail}`),
    problem: (detail: string) => void notNow.push(detail),
    heard: { sent, refused, notNow },
  };
};
const once = (numbers: readonly number[]) => numbers.filter((n, i) => n !== numbers[i - 1]);

beforeEach(() => {
  Object.defineProperty(global, "localStorage", { value: storage(), configurable: true });
});

test("what is kept is sent in order, and then no longer kept", async () => {
  const reached = server();
  const { heard, ...ears } = told();
  for (const n of [1, 2, 3]) putIn(KEY, entry(n));
  await sendKept(KEY, ears);
  expect(reached).toEqual([1, 2, 3]);
  expect(heard.sent).toEqual([1, 2, 3]);
  expect(kept(KEY)).toEqual([]);
});

test("without a line everything stays, the later behind the earlier", async () => {
  const reached = server(["taken", "no line"]);
  for (const n of [1, 2, 3]) putIn(KEY, entry(n));
  await sendKept(KEY, told());
  expect(kept(KEY)).toEqual([entry(2), entry(3)]);
  await sendKept(KEY, told());
  expect(reached).toEqual([1, 2, 3]);
});

test("what is refused is said, once, and does not hold up what comes after", async () => {
  server(["refused"]);
  const { heard, ...ears } = told();
  for (const n of [1, 2]) putIn(KEY, entry(n));
  await sendKept(KEY, ears);
  expect(heard).toEqual({ sent: [2], refused: [`1 not ${entry(1).path}`], notNow: [] });
  expect(kept(KEY)).toEqual([]);
});

test("put in while another is on its way, it goes along", async () => {
  const reached = server();
  putIn(KEY, entry(1));
  const sending = sendKept(KEY, told());
  putIn(KEY, entry(2));
  await sending;
  expect(reached).toEqual([1, 2]);
});

test.each<Reply>(["disk full", "signed out"])(
  "%s: that is said, and everything stays till it is mended",
  async (why) => {
    const reached = server([why]);
    const { heard, ...ears } = told();
    for (const n of [1, 2]) putIn(KEY, entry(n));
    await sendKept(KEY, ears);
    expect(heard).toEqual({ sent: [], refused: [], notNow: [`not ${entry(1).path}`] });
    expect(kept(KEY)).toEqual([entry(1), entry(2)]);
    await sendKept(KEY, ears);
    expect(reached).toEqual([1, 2]);
  },
);

describe("whatever the line and the server do", () => {
  const replies = fc.array(
    fc.constantFrom<Reply>("taken", "disk full", "signed out", "no line", "answer lost"),
    { maxLength: 30 },
  );
  const counts = fc.integer({ min: 1, max: 8 });
  const nothingLost = (reached: readonly number[], count: number) => {
    const waiting = kept(KEY).map((e) => numberOf(e.path));
    for (let n = 0; n < count; n++) expect(reached.includes(n) || waiting.includes(n)).toBe(true);
  };

  test("all arrives in its order, and nothing is taken out that did not", () =>
    fc.assert(
      fc.asyncProperty(replies, counts, async (all, count) => {
        localStorage.setItem(KEY, "[]");
        const reached = server([...all]);
        for (let n = 0; n < count; n++) {
          putIn(KEY, entry(n));
          await sendKept(KEY, told());
          nothingLost(reached, n + 1);
        }
        for (let i = 0; kept(KEY).length > 0 && i <= all.length; i++) await sendKept(KEY, told());
        expect(kept(KEY)).toEqual([]);
        // An answer lost is asked for again: twice at once, never out of order.
        expect(once(reached)).toEqual(Array.from({ length: count }, (_, n) => n));
      }),
    ));

  test("two tabs that send at once lose nothing", () =>
    fc.assert(
      fc.asyncProperty(replies, counts, async (all, count) => {
        localStorage.setItem(KEY, JSON.stringify(Array.from({ length: count }, (_, n) => entry(n))));
        const reached = server([...all]);
        for (let i = 0; kept(KEY).length > 0 && i <= all.length; i++) {
          await Promise.all([sendKept(KEY, told()), sendKept(KEY, told())]);
          nothingLost(reached, count);
        }
        expect(kept(KEY)).toEqual([]);
      }),
    ));
});

describe("tapped before the kitchen’s time was heard", () => {
  const AHEAD = 420_000;
  const atMs = Date.UTC(2026, 10, 28, 15);
  /** A page of a device whose clock is ahead, opened without a line. */
  function opened() {
    const bodies: unknown[] = [];
    global.fetch = (async (path: string, init?: RequestInit) => {
      await Promise.resolve();
      if (init?.body) bodies.push(JSON.parse(String(init.body)));
      const headers = { "kitchen-time": String(Date.now() - AHEAD) };
      return Response.json(path === "/api/alive" ? { alive: true } : {}, { headers });
    }) as unknown as typeof fetch;
    type Page = typeof import("./outbox-queue") & typeof import("./kitchen-time");
    let page: Page | undefined;
    jest.isolateModules(
      () =>
        (page = {
          ...jest.requireActual<Page>("./outbox-queue"),
          ...jest.requireActual<Page>("./kitchen-time"),
        }),
    );
    if (!page) throw new Error("no page");
    return { bodies, ...page };
  }
  const tap = (body: unknown): Entry => ({ method: "PUT", path: "/api/batches/b/acts/1", body });

  test("its hour is set right when it is sent, and how far off it was goes with it", async () => {
    const { bodies, ...page } = opened();
    page.putIn(KEY, tap({ ...page.doneAt(atMs), byTimer: true }));
    page.putIn(KEY, tap({ atMs, reading: { kind: "bathStrength", saltFraction: 0.05 } }));
    page.putIn(KEY, tap({ lineId: "salt", grams: 12 }));
    await page.sendKept(KEY, told());
    expect(page.kept(KEY)).toEqual([]);
    // Asked and heard within a moment: so far to the millisecond or two.
    expect(bodies).toEqual([
      { atMs: expect.closeTo(atMs - AHEAD, -2), deviceAheadMs: expect.closeTo(AHEAD, -2), byTimer: true },
      // What is read by hand has an hour and no more: more would be refused.
      {
        atMs: expect.closeTo(atMs - AHEAD, -2),
        reading: { kind: "bathStrength", saltFraction: 0.05 },
      },
      { lineId: "salt", grams: 12 },
    ]);
  });

  test("what is tapped once it was heard has its hour already", async () => {
    const { bodies, ...page } = opened();
    page.putIn(KEY, tap(page.doneAt(atMs)));
    await page.sendKept(KEY, told());
    page.putIn(KEY, tap({ atMs }));
    await page.sendKept(KEY, told());
    expect(bodies[1]).toEqual({ atMs });
    expect(page.doneAt(atMs)).toEqual({ atMs, deviceAheadMs: expect.closeTo(AHEAD, -2) });
  });
});

test("what was left there and does not read is as nothing", async () => {
  localStorage.setItem(KEY, "{ not JSON");
  expect(kept(KEY)).toEqual([]);
  putIn(KEY, entry(1));
  expect(kept(KEY)).toEqual([entry(1)]);
});

describe("in one tab at a time", () => {
  const browserWith = (value: object) =>
    Object.defineProperty(global, "navigator", { value, configurable: true });
  const work = () => inOneTab(KEY, async () => void (done = true));
  let done = false;
  beforeEach(() => void (done = false));

  test("where the browser has locks, the work is done under the lock of its key", async () => {
    const asked: string[] = [];
    browserWith({
      locks: { request: (key: string, task: () => Promise<void>) => (asked.push(key), task()) },
    });
    await work();
    expect({ asked, done }).toEqual({ asked: [KEY], done: true });
  });

  test("where it has none, the work is done all the same", async () => {
    browserWith({});
    await work();
    expect(done).toBe(true);
  });
});
