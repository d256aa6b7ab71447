import fc from "fast-check";
import { stepsOff, verdictOf } from "./verdict";

describe("verdictOf, at the limits that readiness uses: 85 and 115 % of what was wanted", () => {
  test.each([
    [0.69, "light"],
    [0.7, "littleLight"],
    [0.849, "littleLight"],
    [0.85, "asWanted"],
    [1, "asWanted"],
    [1.15, "asWanted"],
    [1.151, "littleSalty"],
    [1.3, "littleSalty"],
    [1.301, "salty"],
  ] as const)("%d of it is %s", (share, verdict) => {
    expect(verdictOf(share * 0.014, 0.014)).toBe(verdict);
  });

  test("more salt is never judged lighter", () => {
    const order = ["light", "littleLight", "asWanted", "littleSalty", "salty"];
    const amount = fc.double({ min: 0, max: 0.05, noNaN: true });
    fc.assert(
      fc.property(amount, amount, (a, b) => {
        const [less, more] = a < b ? [a, b] : [b, a];
        return order.indexOf(verdictOf(less, 0.014)) <= order.indexOf(verdictOf(more, 0.014));
      }),
      { seed: 3, numRuns: 400 },
    );
  });

  test("steps from what was wanted, on either side", () => {
    const all = ["light", "littleLight", "asWanted", "littleSalty", "salty"] as const;
    expect(all.map(stepsOff)).toEqual([2, 1, 0, 1, 2]);
  });
});
