/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import { useKeptTap } from "./use-kept-tap";

function hookOn(late: boolean, lasting: Promise<void> = Promise.resolve()) {
  const done: string[] = [];
  const hook = renderHook(
    ({ late, as }) =>
      useKeptTap(late, () => {
        done.push(as);
        return lasting;
      }),
    { initialProps: { late, as: "first" } },
  );
  const tap = () => act(async () => hook.result.current.tap());
  const comes = (late: boolean, as: string) => act(async () => hook.rerender({ late, as }));
  return { done, tap, comes, isBusy: () => hook.result.current.busy };
}

test("a tap is done once, and the next one after it", async () => {
  const { done, tap, comes, isBusy } = hookOn(false);
  await tap();
  expect(done).toEqual(["first"]);
  expect(isBusy()).toBe(false);
  await comes(true, "next");
  await comes(false, "next");
  expect(done).toEqual(["first"]);
  await tap();
  expect(done).toEqual(["first", "next"]);
});

test("while something newer is on its way it is kept, and done with what came", async () => {
  const { done, tap, comes, isBusy } = hookOn(true);
  await tap();
  expect(done).toEqual([]);
  expect(isBusy()).toBe(true);
  await comes(false, "newer");
  expect(done).toEqual(["newer"]);
  expect(isBusy()).toBe(false);
});

test("what comes while it is being done does not begin it anew", async () => {
  let finish = () => {};
  const { done, tap, comes, isBusy } = hookOn(false, new Promise((over) => (finish = over)));
  await tap();
  await comes(true, "newer");
  await comes(false, "newer");
  expect(done).toEqual(["first"]);
  expect(isBusy()).toBe(true);
  await act(async () => finish());
  expect(isBusy()).toBe(false);
});
