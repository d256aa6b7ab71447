/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import type { SittingAtWork } from "@/contracts/at-work";
import type { WorkView } from "@/contracts/work";
import { WALL_CLOCK } from "@/core/program/batch-clock";
import { useKitchenWork } from "./use-kitchen-work";

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
const evening = { id: "s1", plainDone: {} } as unknown as SittingAtWork;

/** The line on which the server tells how things stand. */
class Line {
  static last: Line;
  onopen = () => {};
  onmessage: (event: { data: string }) => void = () => {};
  onerror = () => {};
  closed = false;
  constructor(readonly path: string) {
    Line.last = this;
  }
  close() {
    this.closed = true;
  }
  tell = (view: WorkView) => act(() => this.onmessage({ data: JSON.stringify(view) }));
}

function server() {
  const at = { line: true, reached: [] as string[], sittings: [evening] };
  global.fetch = (async (path: string, init?: RequestInit) => {
    if (!at.line) throw new TypeError("Failed to fetch");
    if (!init?.method) return { ok: true, json: async () => ({ sittings: at.sittings, asked: path }) };
    at.reached.push(`${init.method} ${path}`);
    return { ok: true, status: 200, json: async () => ({}) };
  }) as unknown as typeof fetch;
  return at;
}

const opened = (rehearsal: string | null = null) =>
  renderHook(() => useKitchenWork(FIRST, SITTINGS, rehearsal));
const FIRST = [work("b1"), work("b2")];
const SITTINGS = [evening];
const tick = (atMs: number) => ({ method: "PUT" as const, path: "acts/turn", body: { atMs } });

beforeEach(() => {
  localStorage.clear();
  global.EventSource = Line as unknown as typeof EventSource;
  jest.useFakeTimers({ now: NOW });
});
afterEach(() => jest.useRealTimers());

test("a tap is seen at once and stays seen, though the server's last word was on its way before it", async () => {
  const at = server();
  const { result } = opened();
  expect(Line.last.path).toBe("/api/work/stream?batches=b1,b2");
  act(() => result.current.act("b1", tick(NOW)));
  expect(result.current.works.b1.done).toEqual({ turn: NOW });
  expect(result.current.works.b2.done).toEqual({});
  await act(async () => jest.advanceTimersByTimeAsync(10));
  expect(at.reached).toEqual(["PUT /api/batches/b1/acts/turn"]);
  expect(result.current.waiting).toBe(0);
  Line.last.tell(work("b1"));
  expect(result.current.works.b1.done).toEqual({ turn: NOW });
  // The server knows: what it says then is what is seen, taken back on another device too.
  Line.last.tell(work("b1", { turn: NOW }));
  Line.last.tell(work("b1"));
  expect(result.current.works.b1.done).toEqual({});
});

test("with no line a tap is kept and counted; the line's own word says whether it is there", async () => {
  const at = server();
  at.line = false;
  const { result } = opened();
  await act(async () => result.current.act("b2", tick(NOW)));
  act(() => Line.last.onerror());
  expect(result.current.connected).toBe(false);
  expect(result.current.waiting).toBe(1);
  expect(result.current.works.b2.done).toEqual({ turn: NOW });
  at.line = true;
  act(() => Line.last.onopen());
  expect(result.current.connected).toBe(true);
  await act(async () => jest.advanceTimersByTimeAsync(2000));
  expect(result.current.waiting).toBe(0);
});

test("something plain is ticked off at once; the plans are asked for every ten seconds, a rehearsal's by its name", async () => {
  const at = server();
  const { result } = opened("s1");
  act(() => result.current.tickPlain("s1", "roots", "tray_0", NOW));
  expect(result.current.sittings[0].plainDone).toEqual({ roots: { tray_0: NOW } });
  await act(async () => jest.advanceTimersByTimeAsync(10));
  expect(at.reached).toEqual(["PUT /api/sittings/s1/done"]);
  at.sittings = [{ ...evening, name: "later" } as unknown as SittingAtWork];
  const asked = jest.spyOn(global, "fetch");
  await act(async () => jest.advanceTimersByTimeAsync(10_000));
  expect(asked).toHaveBeenCalledWith("/api/work?rehearsal=s1");
  expect(result.current.sittings[0]).toMatchObject({ name: "later" });
});

test("with nothing under way no line is opened; a page that is left closes its own", () => {
  server();
  const before = Line.last;
  renderHook(() => useKitchenWork([], [], null));
  expect(Line.last).toBe(before);
  const { unmount } = opened();
  expect(Line.last.closed).toBe(false);
  unmount();
  expect(Line.last.closed).toBe(true);
});
