/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import type { LiveEvent } from "@/contracts/live";
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

const hello = (done: string): LiveEvent => ({ kind: "hello", versions: {}, open: [], stores: "p.1", done });
const done = (version: string): LiveEvent => ({ kind: "done", version });

test.each<[string, LiveEvent, number]>([
  ["something done since it was drawn", done("p.6"), 1],
  ["something it was drawn with", done("p.5"), 0],
  ["all is as it was when it was drawn", hello("p.5"), 0],
  ["the line is a moment behind the page", hello("p.4"), 0],
  ["something was done before there was a line, or while another page stood here", hello("p.6"), 1],
  ["the server was begun anew", hello("q.1"), 1],
  [
    "a reading, a scale",
    { kind: "work", batchId: "b", from: "p.1", to: "p.2", delta: { set: { scale: null } } },
    0,
  ],
  ["something was written", { kind: "wrote" }, 0],
  ["a beat", { kind: "beat", atMs: 1 }, 0],
])("%s: read anew %#", (_, event, times) => {
  renderHook(() => useReread("p.5", 30_000));
  act(() => tell(event));
  expect(refresh).toHaveBeenCalledTimes(times);
});

test("where nothing moves by the clock it is not read for that", () => {
  renderHook(() => useReread("p.5"));
  act(() => void jest.advanceTimersByTime(120_000));
  expect(refresh).not.toHaveBeenCalled();
});

test("and now and then in any case, not while nobody looks", () => {
  const { unmount } = renderHook(() => useReread("p.5", 30_000));
  act(() => void jest.advanceTimersByTime(60_000));
  expect(refresh).toHaveBeenCalledTimes(2);
  const hidden = jest.spyOn(document, "hidden", "get").mockReturnValue(true);
  act(() => void jest.advanceTimersByTime(60_000));
  act(() => tell(done("p.7")));
  expect(refresh).toHaveBeenCalledTimes(2);
  hidden.mockRestore();
  unmount();
  act(() => void jest.advanceTimersByTime(60_000));
  expect(refresh).toHaveBeenCalledTimes(2);
});
