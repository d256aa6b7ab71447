/** @jest-environment jsdom */
import { renderHook } from "@testing-library/react";
import type { LiveEvent } from "@/contracts/live";
import { useRereadStores } from "./use-reread-stores";

const refresh = jest.fn();
const ROUTER = { refresh: () => void refresh() };
jest.mock("next/navigation", () => ({ useRouter: () => ROUTER }));

let tell: (event: LiveEvent) => void = () => {};
jest.mock("./live/use-live", () => ({
  useLive: ({ event }: { event: (event: LiveEvent) => void }) => (tell = event),
}));

beforeEach(() => refresh.mockClear());

test("each time the Stores are changed, and at nothing else", () => {
  renderHook(() => useRereadStores());
  const others: LiveEvent[] = [{ kind: "wrote" }, { kind: "open", ids: [] }, { kind: "beat", atMs: 1 }];
  others.forEach(tell);
  expect(refresh).not.toHaveBeenCalled();
  tell({ kind: "stores" });
  expect(refresh).toHaveBeenCalledTimes(1);
  tell({ kind: "beat", atMs: 2 });
  expect(refresh).toHaveBeenCalledTimes(1);
  tell({ kind: "stores" });
  expect(refresh).toHaveBeenCalledTimes(2);
});

test("a page that nobody sees is read once it is seen, once for all that was changed", () => {
  const hidden = jest.spyOn(document, "hidden", "get").mockReturnValue(true);
  const { unmount } = renderHook(() => useRereadStores());
  tell({ kind: "stores" });
  tell({ kind: "stores" });
  document.dispatchEvent(new Event("visibilitychange"));
  expect(refresh).not.toHaveBeenCalled();
  hidden.mockReturnValue(false);
  document.dispatchEvent(new Event("visibilitychange"));
  document.dispatchEvent(new Event("visibilitychange"));
  expect(refresh).toHaveBeenCalledTimes(1);
  unmount();
  hidden.mockRestore();
});
