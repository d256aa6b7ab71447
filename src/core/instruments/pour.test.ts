import fc from "fast-check";
import { lineSeed, pouredG } from "./pour";

const seeds = fc.integer({ min: 1, max: 1_000_000 });

test("a pour only grows, ends within a fifth of its mark, and the same seed pours the same", () => {
  fc.assert(
    fc.property(seeds, fc.double({ min: 1, max: 5000, noNaN: true }), (seed, target) => {
      const course = [0, 1, 2, 4, 6, 60].map((s) => pouredG(target, seed, s));
      expect(course[0]).toBe(0);
      for (let i = 1; i < course.length; i++) expect(course[i]).toBeGreaterThanOrEqual(course[i - 1]);
      expect(Math.abs(course[5] / target - 1)).toBeLessThan(0.2);
      expect(pouredG(target, seed, 4)).toBe(course[3]);
    }),
  );
});

test("some pours run over for good, most do not", () => {
  const over = Array.from({ length: 500 }, (_, i) => pouredG(100, i + 1, 60)).filter((g) => g > 103).length;
  expect(over).toBeGreaterThan(50);
  expect(over).toBeLessThan(200);
});

test("lines of one batch are poured differently", () => {
  expect(lineSeed(5, "pickling")).not.toBe(lineSeed(5, "sugar"));
});
