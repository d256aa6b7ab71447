/** @jest-environment jsdom */
import { renderHook } from "@testing-library/react";
import type { LiveEvent } from "@/contracts/live";
import { useRereadIfOld } from "./use-reread-if-old";

const refresh = jest.fn();
const ROUTER = { refresh: () => void refresh() };
jest.mock("next/navigation", () => ({ useRouter: () => ROUTER }));

let tell: (event: LiveEvent) => void = () => {};
jest.mock("./live/use-live", () => ({
  useLive: ({ event }: { event: (event: LiveEvent) => void }) => (tell = event),
}));

const DRAWN = Date.UTC(2026, 10, 28, 17);

beforeEach(() => {
  refresh.mockClear();
  document.body.dataset.drawnMs = String(DRAWN);
});

test.each([
  ["just now", 300, 0],
  ["as long ago as a slow line takes", 20_000, 0],
  ["longer ago", 20_001, 1],
  ["yesterday", 24 * 3_600_000, 1],
])("a page that the server drew %s", (_, agoMs, times) => {
  renderHook(() => useRereadIfOld());
  tell({ kind: "beat", atMs: DRAWN + agoMs });
  expect(refresh).toHaveBeenCalledTimes(times);
});

test("once: a page that stands open for hours is kept up by what is told", () => {
  renderHook(() => useRereadIfOld());
  tell({ kind: "open", ids: [] });
  tell({ kind: "beat", atMs: DRAWN + 100 });
  tell({ kind: "beat", atMs: DRAWN + 3_600_000 });
  expect(refresh).not.toHaveBeenCalled();
});

test("of a page that no server drew nothing is known", () => {
  delete document.body.dataset.drawnMs;
  renderHook(() => useRereadIfOld());
  tell({ kind: "beat", atMs: DRAWN });
  expect(refresh).not.toHaveBeenCalled();
});
