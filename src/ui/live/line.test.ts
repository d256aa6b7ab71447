/** @jest-environment jsdom */
import type { LiveEvent } from "@/contracts/live";

const work = (n: number): LiveEvent => ({
  kind: "work",
  batchId: "b",
  from: `p.${n - 1}`,
  to: `p.${n}`,
  delta: { set: {} },
});

/** The server's end of each line that was opened. */
class Source {
  static all: Source[] = [];
  static open = () => Source.all.filter((s) => !s.closed);
  onopen = () => {};
  onmessage: (event: { data: string }) => void = () => {};
  onerror = () => {};
  closed = false;
  constructor(readonly path: string) {
    Source.all.push(this);
  }
  close() {
    this.closed = true;
  }
  tell(event: LiveEvent) {
    this.onmessage({ data: JSON.stringify(event) });
  }
}

/** One browser: what its pages share. */
function browser() {
  const waiting: (() => void)[] = [];
  let isHeld = false;
  const next = () => {
    isHeld = false;
    waiting.shift()?.();
  };
  const request = (_: string, { signal }: { signal: AbortSignal }, held: () => Promise<void>) =>
    new Promise<void>((done, gone) => {
      const take = () => {
        isHeld = true;
        void held().then(next).then(done);
      };
      signal.addEventListener("abort", () => {
        const at = waiting.indexOf(take);
        if (at >= 0) waiting.splice(at, 1);
        gone(new Error("let go"));
      });
      if (isHeld) waiting.push(take);
      else take();
    });
  const channels = new Set<Channel>();
  class Channel {
    onmessage: (event: { data: unknown }) => void = () => {};
    constructor() {
      channels.add(this);
    }
    postMessage(data: unknown) {
      for (const other of channels) if (other !== this) other.onmessage({ data: structuredClone(data) });
    }
    close() {
      channels.delete(this);
    }
  }
  Object.assign(navigator, { locks: { request } });
  Object.assign(window, { BroadcastChannel: Channel });
}

/** Another page of the same browser: the module as it is loaded there. */
async function page() {
  let line!: (typeof import("./line"))["line"];
  await jest.isolateModulesAsync(async () => void ({ line } = await import("./line")));
  const heard: LiveEvent[] = [];
  const connected: boolean[] = [];
  const close = line.listen({ event: (e) => heard.push(e), connected: (is) => connected.push(is) });
  pages.push(close);
  return { heard, connected, close, line };
}
const pages: (() => void)[] = [];

beforeEach(() => {
  Source.all = [];
  global.EventSource = Source as unknown as typeof EventSource;
  global.structuredClone = (value: unknown) => JSON.parse(JSON.stringify(value)) as never;
  jest.useFakeTimers();
});
afterEach(() => {
  for (const close of pages.splice(0)) close();
  jest.useRealTimers();
  Reflect.deleteProperty(navigator, "locks");
});

test("two pages of a browser hold one line, and both hear all of it", async () => {
  browser();
  const [one, other] = [await page(), await page()];
  expect(Source.all.map((s) => s.path)).toEqual(["/api/live"]);
  Source.all[0].tell(work(2));
  expect(one.heard).toContainEqual(work(2));
  expect(other.heard).toContainEqual(work(2));
});

test("the page that holds it is closed: the other takes over; the last one closes it", async () => {
  browser();
  const [one, other] = [await page(), await page()];
  one.close();
  await jest.advanceTimersByTimeAsync(0);
  expect(Source.open()).toHaveLength(1);
  Source.open()[0].tell(work(3));
  expect(other.heard).toContainEqual(work(3));
  expect(one.heard).not.toContainEqual(work(3));
  other.close();
  await jest.advanceTimersByTimeAsync(0);
  expect(Source.open()).toHaveLength(0);
});

test("a page that comes later is told how far each batch has come by then", async () => {
  browser();
  await page();
  Source.all[0].tell({
    kind: "hello",
    versions: { b: "p.1", c: "p.4" },
    open: ["b"],
    stores: "p.1",
    done: "p.1",
  });
  Source.all[0].tell(work(7));
  Source.all[0].tell({ kind: "open", ids: ["b", "d"] });
  Source.all[0].tell({ kind: "stores", version: "p.2" });
  Source.all[0].tell({ kind: "done", version: "p.3" });
  const late = await page();
  const hello = {
    kind: "hello",
    versions: { b: "p.7", c: "p.4" },
    open: ["b", "d"],
    stores: "p.2",
    done: "p.3",
  };
  expect(late.heard).toEqual([hello]);
  const again: LiveEvent[] = [];
  pages.push(late.line.listen({ event: (e) => again.push(e) }));
  expect(again).toEqual([hello]);
});

test("who listens before the server has said how things stand is told when it says so, not of nothing", async () => {
  browser();
  const { heard, line } = await page();
  const also: LiveEvent[] = [];
  pages.push(line.listen({ event: (e) => also.push(e) }));
  const late = await page();
  for (const told of [heard, also, late.heard]) expect(told).toEqual([]);
  const hello: LiveEvent = { kind: "hello", versions: {}, open: [], stores: "p.1", done: "p.1" };
  Source.all[0].tell(hello);
  for (const told of [heard, also, late.heard]) expect(told).toEqual([hello]);
});

test("a line that broke is said on every page, and that it is back", async () => {
  browser();
  const [one, other] = [await page(), await page()];
  Source.all[0].onerror();
  expect([one.connected.at(-1), other.connected.at(-1)]).toEqual([false, false]);
  Source.all[0].onopen();
  expect([one.connected.at(-1), other.connected.at(-1)]).toEqual([true, true]);
});

test("a line on which nothing was said for half a minute is opened anew; the device's own word does so at once", async () => {
  browser();
  await page();
  await jest.advanceTimersByTimeAsync(20_000);
  Source.all[0].tell({ kind: "beat", atMs: Date.now() });
  await jest.advanceTimersByTimeAsync(20_000);
  expect(Source.all).toHaveLength(1);
  await jest.advanceTimersByTimeAsync(15_000);
  expect(Source.all).toHaveLength(2);
  window.dispatchEvent(new Event("online"));
  expect(Source.all).toHaveLength(3);
  expect(Source.open()).toHaveLength(1);
});

test("without locks, by a plain address on the network, each page has a line of its own", async () => {
  const [one, other] = [await page(), await page()];
  expect(Source.open()).toHaveLength(2);
  one.close();
  expect(Source.open()).toHaveLength(1);
  other.close();
  expect(Source.open()).toHaveLength(0);
});
