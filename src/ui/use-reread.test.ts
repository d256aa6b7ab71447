/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import type { LiveEvent } from "@/contracts/live";
import type { WorkDelta } from "@/contracts/work-delta";
import { useReread } from "./use-reread";

const refresh = jest.fn();
const ROUTER = { refresh: () => void refresh() };
jest.mock("next/navigation", () => ({ useRouter: () => ROUTER }));

let tell: (event: LiveEvent) => void = () => {};
jest.mock("./live/use-live", () => ({
  useLive: ({ event }: { event: (event: LiveEvent) => void }) => (tell = event),
}));

beforeEach(() => {
  jest.useFakeTimers();
  refresh.mockClear();
});
afterEach(() => jest.useRealTimers());

const work = (batchId: string, delta: WorkDelta): LiveEvent => ({
  kind: "work",
  batchId,
  from: "p.1",
  to: "p.2",
  delta,
});
const hello = (versions: Record<string, string>): LiveEvent => ({
  kind: "hello",
  versions,
  open: [],
  stores: "p.1",
});
const DONE: WorkDelta = { set: { done: { stage_1: 1 } } };
const READ: WorkDelta = { set: {}, came: [{ channel: "probe", atMs: 1, value: 40 }] };

test.each<[string, LiveEvent, number]>([
  ["something done on the batch that is looked at", work("mine", DONE), 1],
  ["something done on another", work("other", DONE), 0],
  ["a reading of it", work("mine", READ), 0],
  ["another figure on its scale", work("mine", { set: { scale: null } }), 0],
  ["something done on it long after", { ...work("mine", { set: {} }), from: "" } as LiveEvent, 1],
  ["a batch begun or judged", { kind: "open", ids: [] }, 1],
  ["a sitting saved", { kind: "sitting", id: "s" }, 1],
  ["a beat", { kind: "beat", atMs: 1 }, 0],
  ["it stood so when it was drawn", hello({ mine: "p.1" }), 0],
  ["it had come further before there was a line", hello({ mine: "p.2" }), 1],
  ["another had", hello({ mine: "p.1", other: "p.9" }), 0],
  ["one judged long ago is not told of", hello({}), 0],
])("%s: read anew %#", (_, event, times) => {
  renderHook(() => useReread(30_000, "mine", "p.1"));
  act(() => tell(event));
  expect(refresh).toHaveBeenCalledTimes(times);
});

test("and now and then in any case, not while nobody looks", () => {
  const { unmount } = renderHook(() => useReread(30_000));
  act(() => void jest.advanceTimersByTime(60_000));
  expect(refresh).toHaveBeenCalledTimes(2);
  const hidden = jest.spyOn(document, "hidden", "get").mockReturnValue(true);
  act(() => void jest.advanceTimersByTime(60_000));
  act(() => tell({ kind: "open", ids: [] }));
  expect(refresh).toHaveBeenCalledTimes(2);
  hidden.mockRestore();
  unmount();
  act(() => void jest.advanceTimersByTime(60_000));
  expect(refresh).toHaveBeenCalledTimes(2);
});
