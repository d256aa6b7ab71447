/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import { heardTime } from "./kitchen-time";
import { useNow } from "./use-now";

const NOW = Date.UTC(2026, 10, 28, 15);
beforeEach(() => jest.useFakeTimers({ now: NOW }));
afterEach(() => jest.useRealTimers());

test("the kitchen’s time holds from the moment it is heard, not from the next tick", () => {
  const { result, unmount } = renderHook(() => useNow(NOW - 3000, 10_000));
  expect(result.current).toBe(NOW);
  act(() => heardTime(NOW - 420_000, NOW, NOW));
  expect(result.current).toBe(NOW - 420_000);
  act(() => void jest.advanceTimersByTime(10_000));
  expect(result.current).toBe(NOW - 410_000);
  unmount();
});
