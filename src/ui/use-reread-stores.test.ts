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

let version = 1;
const drawnWith = (n: number) => (document.body.dataset.stores = `p.${n}`);
const changed = (): LiveEvent => ({ kind: "stores", version: `p.${++version}` });
const hello = (stores: string): LiveEvent => ({
  kind: "hello",
  versions: {},
  open: [],
  stores,
  done: "p.1",
});

beforeEach(() => {
  refresh.mockClear();
  drawnWith(version);
});

test("each time the Stores are changed, and at nothing else", () => {
  renderHook(() => useRereadStores());
  const others: LiveEvent[] = [
    { kind: "done", version: "p.9" },
    { kind: "open", ids: [] },
    { kind: "beat", atMs: 1 },
  ];
  others.forEach(tell);
  expect(refresh).not.toHaveBeenCalled();
  tell(changed());
  expect(refresh).toHaveBeenCalledTimes(1);
  tell({ kind: "beat", atMs: 2 });
  expect(refresh).toHaveBeenCalledTimes(1);
  tell(changed());
  expect(refresh).toHaveBeenCalledTimes(2);
});

test("what the page was drawn with already is no news: it changed that itself, and has read it", () => {
  renderHook(() => useRereadStores());
  const event = changed();
  drawnWith(version);
  tell(event);
  tell(hello(`p.${version}`));
  // A line that is a moment behind the page knows nothing newer.
  tell(hello(`p.${version - 1}`));
  expect(refresh).not.toHaveBeenCalled();
});

test("changed while there was no line, or the server was begun anew: read when the line is back", () => {
  renderHook(() => useRereadStores());
  tell(hello(`p.${version + 1}`));
  expect(refresh).toHaveBeenCalledTimes(1);
  drawnWith(++version);
  tell(hello(`q.${version}`));
  expect(refresh).toHaveBeenCalledTimes(2);
});

test("a page that nobody sees is read once it is seen, once for all that was changed", () => {
  const hidden = jest.spyOn(document, "hidden", "get").mockReturnValue(true);
  const { unmount } = renderHook(() => useRereadStores());
  tell(changed());
  tell(changed());
  document.dispatchEvent(new Event("visibilitychange"));
  expect(refresh).not.toHaveBeenCalled();
  hidden.mockReturnValue(false);
  document.dispatchEvent(new Event("visibilitychange"));
  document.dispatchEvent(new Event("visibilitychange"));
  expect(refresh).toHaveBeenCalledTimes(1);
  unmount();
  hidden.mockRestore();
});
