/** @jest-environment jsdom */
import { act, renderHook, waitFor } from "@testing-library/react";
import "@/ui/patience.fixture";
import type { Draft } from "@/contracts/draft";
import { chops } from "@/core/formula/formulation.fixture";
import { useDraft } from "./use-draft";

const saved = chops({ name: "Chops" });
const first: Draft = { formulation: saved, formulaId: "f1", baseVersion: 3, saved };
const opened = (draft = first) => renderHook(() => useDraft(draft));
type Bench = ReturnType<typeof opened>["result"];
const name = (bench: Bench, to: string) => act(() => bench.current.change((f) => ({ ...f, name: to })));
const nameOf = (bench: Bench) => bench.current.draft.formulation.name;

beforeEach(() => {
  sessionStorage.clear();
  jest.useFakeTimers({ doNotFake: ["queueMicrotask", "setImmediate", "nextTick"] });
});
afterEach(() => jest.useRealTimers());

test("letters of one go are undone together, what came later for itself; a new change forgets what was undone", () => {
  const { result } = opened();
  name(result, "C");
  act(() => jest.advanceTimersByTime(300));
  name(result, "Ch");
  act(() => jest.advanceTimersByTime(2000));
  name(result, "Chops, mine");
  act(() => result.current.past.undo());
  expect(nameOf(result)).toBe("Ch");
  act(() => result.current.past.undo());
  expect(nameOf(result)).toBe("Chops");
  expect(result.current.past.canUndo).toBe(false);
  act(() => result.current.past.redo());
  expect(nameOf(result)).toBe("Ch");
  name(result, "Another");
  expect(result.current.past.canRedo).toBe(false);
});

test("a way taken right after a letter is undone for itself", () => {
  const { result } = opened();
  name(result, "Typed");
  act(() => result.current.step((f) => ({ ...f, pullH: 9 })));
  act(() => result.current.past.undo());
  expect(result.current.draft.formulation).toMatchObject({ name: "Typed", pullH: saved.pullH });
});

test("begun anew it is as it is offered, with nothing beside it; undone, both are there again", () => {
  const { result } = opened();
  name(result, "Mine");
  act(() => result.current.setOther(chops({ name: "That" })));
  act(() => result.current.anew(chops({ name: "Offered" })));
  expect([nameOf(result), result.current.draft.other]).toEqual(["Offered", null]);
  act(() => result.current.past.undo());
  expect([nameOf(result), result.current.draft.other?.name]).toEqual(["Mine", "That"]);
});

test("what changes nothing is no change", () => {
  const { result } = opened();
  act(() => result.current.change((f) => f));
  expect(result.current.past.canUndo).toBe(false);
  expect(result.current.changed).toBe(false);
});

test("another one is put beside it, swapped onto the Bench, and both are undone together", () => {
  const { result } = opened();
  const other = chops({ name: "That" });
  act(() => result.current.swap());
  expect(nameOf(result)).toBe("Chops");
  act(() => result.current.setOther(other));
  act(() => result.current.swap());
  expect([nameOf(result), result.current.draft.other?.name]).toEqual(["That", "Chops"]);
  act(() => result.current.past.undo());
  expect([nameOf(result), result.current.draft.other?.name]).toEqual(["Chops", "That"]);
  act(() => result.current.past.undo());
  expect(result.current.draft.other).toBeNull();
});

test("a reload finds it as it was left, in this tab, of this version; nothing is changed before it is read", async () => {
  jest.useRealTimers();
  const before = opened();
  name(before.result, "Left as this");
  before.unmount();
  const { result } = opened();
  expect(result.current.waiting).toBe(true);
  await waitFor(() => expect(result.current.waiting).toBe(false));
  expect(nameOf(result)).toBe("Left as this");
  expect(result.current.changed).toBe(true);
  // Of another version nothing was left.
  const { result: other } = opened({ ...first, baseVersion: 4 });
  expect(other.current.waiting).toBe(false);
  expect(nameOf(other)).toBe("Chops");
});

test("saved, it is a version and stands as that; what does not read is as if nothing were left", async () => {
  jest.useRealTimers();
  const { result, unmount } = opened();
  name(result, "Better");
  act(() => result.current.markSaved("f1", 4));
  expect(result.current.draft).toMatchObject({ formulaId: "f1", baseVersion: 4, saved: { name: "Better" } });
  expect(result.current.changed).toBe(false);
  expect(sessionStorage.getItem("bench:f1:3")).toBeNull();
  act(() => result.current.clear());
  expect(sessionStorage).toHaveLength(0);
  unmount();
  sessionStorage.setItem("bench:f1:3", '{"formulation":');
  const { result: again } = opened();
  await waitFor(() => expect(again.current.waiting).toBe(false));
  expect(nameOf(again)).toBe("Chops");
});

test("merged with what was saved meanwhile, it goes on from that version and can be undone", () => {
  const { result } = opened();
  name(result, "Mine");
  const theirs = chops({ name: "Theirs" });
  act(() => jest.advanceTimersByTime(2000));
  act(() => result.current.rebase(chops({ name: "Both" }), 5, theirs));
  expect(result.current.draft).toMatchObject({ baseVersion: 5, saved: { name: "Theirs" } });
  expect(nameOf(result)).toBe("Both");
  act(() => result.current.past.undo());
  expect(nameOf(result)).toBe("Mine");
});
