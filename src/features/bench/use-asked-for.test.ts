/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import { useAskedFor } from "./use-asked-for";

let address = "";
const replace = (href: string) => void (address = new URL(href, "http://kitchen").search);
jest.mock("next/navigation", () => ({
  useSearchParams: () => new URLSearchParams(address),
  useRouter: () => ({ replace: (href: string) => replace(href) }),
}));

const past = jest.spyOn(history, "replaceState");

/** The page as the router draws it at an address. */
function benchAt(search: string) {
  address = search;
  const { result, rerender } = renderHook(useAskedFor);
  return {
    now: () => result.current.bench,
    goTo: (next: string) => {
      address = next;
      rerender();
    },
    save: (id: string) => {
      act(() => result.current.savedAs(id));
      rerender();
    },
  };
}

test("saved, it is the same Bench, by its new address too", () => {
  const bench = benchAt("");
  const before = bench.now();
  bench.save("loin");
  expect(address).toBe("?formula=loin");
  // A reload before the router's answer finds it.
  expect(past).toHaveBeenCalledWith(history.state, "", "/bench?formula=loin");
  expect(bench.now()).toBe(before);
  bench.save("loin");
  expect(bench.now()).toBe(before);
});

test("asked for none, for another, for an old version, it is another; so is that which was saved, when it is come back to", () => {
  const bench = benchAt("");
  bench.save("loin");
  const seen = [bench.now()];
  for (const next of [
    "",
    "?formula=loin",
    "?formula=ribs",
    "?formula=ribs&version=1",
    "?formula=ribs&version=2",
  ]) {
    bench.goTo(next);
    seen.push(bench.now());
  }
  expect(new Set(seen).size).toBe(seen.length);
});

test("an old version that is saved goes on as the newest, on the same Bench", () => {
  const bench = benchAt("?formula=ribs&version=1");
  const before = bench.now();
  bench.save("ribs");
  expect(address).toBe("?formula=ribs");
  expect(bench.now()).toBe(before);
});
