import { firstOf, lastOf, pairsOf } from "./sequence";

test("the first and the last of a row; of none there is none, and it says so", () => {
  expect([firstOf([3, 4, 5]), lastOf([3, 4, 5]), firstOf([7]), lastOf([7])]).toEqual([3, 5, 7, 7]);
  expect(() => firstOf([])).toThrow(RangeError);
  expect(() => lastOf([])).toThrow(RangeError);
  // What may be missing is a thing too.
  expect(firstOf([undefined, 1])).toBeUndefined();
});

test("each with the one after it: one fewer than there are", () => {
  expect(pairsOf(["a", "b", "c"])).toEqual([
    ["a", "b"],
    ["b", "c"],
  ]);
  expect(pairsOf(["a"])).toEqual([]);
  expect(pairsOf([])).toEqual([]);
  expect(pairsOf([undefined, undefined])).toHaveLength(1);
});
