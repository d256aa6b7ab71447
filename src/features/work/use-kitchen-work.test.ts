/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import type { SittingAtWork } from "@/contracts/at-work";
import type { LiveEvent } from "@/contracts/live";
import type { WorkNow } from "@/contracts/work-now";
import type { WorkView } from "@/contracts/work";
import { WALL_CLOCK } from "@/core/program/batch-clock";
import { useKitchenWork } from "./use-kitchen-work";

const refresh = jest.fn();
jest.mock("next/navigation", () => ({ useRouter: () => ROUTER }));
const ROUTER = { refresh: () => void refresh() };

const NOW = Date.UTC(2026, 10, 28, 15);
const work = (batchId: string, done: Record<string, number> = {}): WorkView => ({
  batchId,
  done,
  skipped: [],
  weights: {},
  scaledBy: 1,
  readings: [],
  instruments: [],
  clock: WALL_CLOCK,
  startedAtMs: NOW,
  liftedAtMs: null,
  judged: null,
  scale: null,
  photos: [],
});
const now = (batchId: string, n: number, done: Record<string, number> = {}): WorkNow => ({
  version: `p.${n}`,
  work: work(batchId, done),
});
const evening = { id: "s1", plainDone: {} } as unknown as SittingAtWork;

/** The line on which the server tells how things stand. */
class Line {
  static last: Line;
  onmessage: (event: { data: string }) => void = () => {};
  constructor(readonly path: string) {
    Line.last = this;
  }
  close() {}
  tell = (event: LiveEvent) => act(() => this.onmessage({ data: JSON.stringify(event) }));
  /** A batch's acts from one version to the next. */
  done = (batchId: string, from: number, done: Record<string, number>) =>
    this.tell({ kind: "work", batchId, from: `p.${from}`, to: `p.${from + 1}`, delta: { set: { done } } });
}

const usual = (path: string) =>
  path.startsWith("/api/work") ? { sittings: [] } : now(path.split("/")[3], 0);

function server() {
  const at = {
    line: true,
    reached: [] as string[],
    asked: [] as string[],
    answers: {} as Record<string, unknown>,
  };
  global.fetch = (async (path: string, init?: RequestInit) => {
    if (!at.line) throw new TypeError("Failed to fetch");
    if (init?.method) at.reached.push(`${init.method} ${path}`);
    else at.asked.push(path);
    return { ok: true, status: 200, json: async () => at.answers[path] ?? usual(path) };
  }) as unknown as typeof fetch;
  return at;
}

const opened = (rehearsal: string | null = null) =>
  renderHook(() => useKitchenWork(FIRST, SITTINGS, rehearsal));
const FIRST = [now("b1", 1), now("b2", 2)];
const SITTINGS = [evening];
const tick = (atMs: number) => ({ method: "PUT" as const, path: "acts/turn", body: { atMs } });
const settled = () => act(async () => jest.advanceTimersByTimeAsync(10));

beforeEach(() => {
  localStorage.clear();
  refresh.mockClear();
  global.EventSource = Line as unknown as typeof EventSource;
  jest.useFakeTimers({ now: NOW });
});
afterEach(() => jest.useRealTimers());

test("a tap is seen at once and stays seen, though the server's last word was on its way before it", async () => {
  const at = server();
  const { result } = opened();
  act(() => result.current.act("b1", tick(NOW)));
  expect(result.current.works.b1.done).toEqual({ turn: NOW });
  expect(result.current.works.b2.done).toEqual({});
  await settled();
  expect(at.reached).toEqual(["PUT /api/batches/b1/acts/turn"]);
  expect(result.current.waiting).toBe(0);
  Line.last.done("b1", 1, {});
  expect(result.current.works.b1.done).toEqual({ turn: NOW });
  // The server knows: what it says then is what is seen, taken back on another device too.
  Line.last.done("b1", 2, { turn: NOW });
  Line.last.done("b1", 3, {});
  expect(result.current.works.b1.done).toEqual({});
});

test("with no line a tap is kept and counted, shown, and goes when the line is back", async () => {
  const at = server();
  at.line = false;
  const { result } = opened();
  await act(async () => result.current.act("b2", tick(NOW)));
  expect(result.current.waiting).toBe(1);
  expect(result.current.works.b2.done).toEqual({ turn: NOW });
  at.line = true;
  await act(async () => jest.advanceTimersByTimeAsync(2000));
  expect(result.current.waiting).toBe(0);
  expect(at.reached).toEqual(["PUT /api/batches/b2/acts/turn"]);
});

test("a word that was missed is asked for whole; an older one than is held changes nothing", async () => {
  const at = server();
  const { result } = opened();
  at.answers["/api/batches/b1/work"] = now("b1", 8, { go_in: NOW });
  Line.last.done("b1", 6, { turn: NOW });
  await settled();
  expect(at.asked).toEqual(["/api/batches/b1/work"]);
  expect(result.current.works.b1.done).toEqual({ go_in: NOW });
  Line.last.done("b1", 6, {});
  Line.last.done("b2", 1, { turn: NOW });
  await settled();
  expect(at.asked).toHaveLength(1);
  expect(result.current.works.b1.done).toEqual({ go_in: NOW });
  expect(result.current.works.b2.done).toEqual({});
});

const hello = (versions: Record<string, string>, open: string[]): LiveEvent => ({
  kind: "hello",
  versions,
  open,
  stores: "p.1",
  done: "p.1",
});

test("a new line tells how far each has come: what is behind is asked for, a server started anew for all, and the plans", async () => {
  const at = server();
  opened("s1");
  Line.last.tell(hello({ b1: "p.1", b2: "p.3" }, ["b1", "b2"]));
  await settled();
  expect(at.asked.sort()).toEqual(["/api/batches/b2/work", "/api/work?rehearsal=s1"]);
  at.asked = [];
  Line.last.tell(hello({ b1: "q.1" }, ["b1"]));
  await settled();
  expect(at.asked.sort()).toEqual(["/api/batches/b1/work", "/api/batches/b2/work", "/api/work?rehearsal=s1"]);
});

test("begun or judged on another device, the page is read anew", () => {
  server();
  opened();
  Line.last.tell({ kind: "open", ids: ["b1", "b2", "b3"] });
  expect(refresh).toHaveBeenCalledTimes(1);
});

test("a batch that the page is sent later is held with the others; one it holds newer already stays", () => {
  server();
  const { result, rerender } = renderHook(({ first }) => useKitchenWork(first, SITTINGS, null), {
    initialProps: { first: FIRST },
  });
  Line.last.done("b1", 1, { turn: NOW });
  rerender({ first: [now("b1", 1), now("b3", 9, { go_in: NOW })] });
  expect(result.current.works.b1.done).toEqual({ turn: NOW });
  expect(result.current.works.b3.done).toEqual({ go_in: NOW });
});

test("something plain is ticked off at once, and stays so until the server tells of it; then its word stands", async () => {
  const at = server();
  const { result } = opened();
  const plans = (plainDone: SittingAtWork["plainDone"]) =>
    Line.last.tell({ kind: "plans", rehearsalId: null, sittings: [{ ...evening, plainDone }] });
  act(() => result.current.tickPlain("s1", "roots", "tray_0", NOW));
  expect(result.current.sittings[0].plainDone).toEqual({ roots: { tray_0: NOW } });
  await settled();
  expect(at.reached).toEqual(["PUT /api/sittings/s1/done"]);
  plans({});
  expect(result.current.sittings[0].plainDone).toEqual({ roots: { tray_0: NOW } });
  plans({ roots: { tray_0: NOW } });
  plans({});
  expect(result.current.sittings[0].plainDone).toEqual({});
  // Refused, or taken back at once elsewhere: after ten seconds the server's word stands whatever it is.
  act(() => result.current.tickPlain("s1", "roots", "tray_1", NOW));
  await act(async () => jest.advanceTimersByTimeAsync(10_000));
  plans({});
  expect(result.current.sittings[0].plainDone).toEqual({});
});

test("a rehearsal's plans are its own", () => {
  server();
  const { result } = opened("s1");
  Line.last.tell({ kind: "plans", rehearsalId: null, sittings: [] });
  expect(result.current.sittings).toHaveLength(1);
  Line.last.tell({ kind: "plans", rehearsalId: "s1", sittings: [] });
  expect(result.current.sittings).toHaveLength(0);
});

test("plans that were told while others were on their way are newer than those", async () => {
  server();
  const quick = global.fetch;
  let arrive = () => {};
  const onItsWay = new Promise<void>((done) => (arrive = done));
  global.fetch = (async (...asked: Parameters<typeof fetch>) => {
    await onItsWay;
    return quick(...asked);
  }) as typeof fetch;
  const { result } = opened();
  // Asked for by a new line, and answered with none of them, when one has been told of already.
  Line.last.tell(hello({ b1: "p.1", b2: "p.2" }, ["b1", "b2"]));
  Line.last.tell({ kind: "plans", rehearsalId: null, sittings: [{ ...evening, id: "s2" }] });
  arrive();
  await settled();
  expect(result.current.sittings.map((s) => s.id)).toEqual(["s2"]);
  // Asked for with nothing told meanwhile, it is what stands.
  Line.last.tell(hello({ b1: "p.1", b2: "p.2" }, ["b1", "b2"]));
  await settled();
  expect(result.current.sittings).toEqual([]);
});
