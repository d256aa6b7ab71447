import fc from "fast-check";
import { rootBetween } from "./root-between";

test.each([
  ["a square root", (x: number) => x * x - 2, 0, 2, Math.SQRT2],
  ["falling", (x: number) => Math.cos(x), 0, 3, Math.PI / 2],
  ["nearly flat on one side", (x: number) => x ** 9 - 1e-9, 0, 3, 0.1],
  ["steep at the end", (x: number) => Math.exp(x) - 1e4, 0, 40, Math.log(1e4)],
  ["at an end", (x: number) => x, 0, 2, 0],
] as const)("%s", (_, over, from, to, root) => {
  expect(rootBetween(over, from, to)).toBeCloseTo(root, 10);
});

test("where it does not cross, the end that comes nearest", () => {
  expect(rootBetween((x) => x + 1, 0, 2)).toBe(0);
  expect(rootBetween((x) => x - 3, 0, 2)).toBe(2);
});

test("it stops once it is close enough", () => {
  const asked: number[] = [];
  const over = (x: number) => {
    asked.push(x);
    return x ** 3 - 5;
  };
  expect(Math.abs(over(rootBetween(over, 0, 3, { closeTo0: 1e-3 })))).toBeLessThanOrEqual(1e-3);
  expect(asked.length).toBeLessThan(16);
});

test("any falling power between its ends, in far fewer rounds than halving needs", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.3, max: 4, noNaN: true }),
      fc.double({ min: 0.05, max: 0.95, noNaN: true }),
      (power, root) => {
        let asked = 0;
        const found = rootBetween((x) => (asked++, root ** power - x ** power), 0, 1);
        return Math.abs(found - root) < 1e-10 && asked < 45;
      },
    ),
    { seed: 5, numRuns: 300 },
  );
});
