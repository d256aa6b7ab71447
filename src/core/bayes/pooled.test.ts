import fc from "fast-check";
import { jStat } from "jstat";
import { inverse, Matrix } from "ml-matrix";
import { farOff, NINE_IN_TEN, pooled, seenBetween, together, TWO_IN_THREE, type Normal } from "./pooled";

const normal = (mean: number, deviation: number): Normal => ({ mean, deviation });
const anyNormal = fc
  .record({
    mean: fc.double({ min: -1, max: 1, noNaN: true }),
    deviation: fc.double({ min: 0.05, max: 1, noNaN: true }),
  })
  .map(({ mean, deviation }) => normal(mean, deviation));

test("two readings of one figure: the conjugate posterior, by hand", () => {
  // Weights 25 and 100: (1 × 25 + 2 × 100) ÷ 125 = 1.8; 1 ÷ √125.
  const both = together(normal(1, 0.2), normal(2, 0.1));
  expect(both.mean).toBeCloseTo(1.8, 12);
  expect(both.deviation).toBeCloseTo(1 / Math.sqrt(125), 12);
});

test("what was seen is found again between before and after", () => {
  fc.assert(
    fc.property(anyNormal, anyNormal, (before, seen) => {
      const again = seenBetween(before, together(before, seen));
      expect(again?.mean).toBeCloseTo(seen.mean, 4);
      expect(again?.deviation).toBeCloseTo(seen.deviation, 4);
    }),
  );
  expect(seenBetween(normal(0, 0.3), normal(0.1, 0.3))).toBeUndefined();
});

test("pooling is the exact posterior of class, kinds and batches as one normal (its precision matrix, by ml-matrix)", () => {
  const spread = { table: normal(0, 0.3), kinds: 0.2, batches: 0.1 };
  fc.assert(
    fc.property(
      fc.array(anyNormal, { maxLength: 3 }),
      fc.array(fc.array(anyNormal, { minLength: 1, maxLength: 3 }), { maxLength: 3 }),
      (own, kin) => {
        const kinds = [own, ...kin];
        // Unknowns: the class, then each kind; batches are summed out: each says its mean ± √(s² + batches²) of its kind.
        const n = 1 + kinds.length;
        const a = Array.from({ length: n }, () => Array<number>(n).fill(0));
        const b = Array<number>(n).fill(0);
        a[0][0] += 1 / spread.table.deviation ** 2;
        kinds.forEach((seen, k) => {
          const w = 1 / spread.kinds ** 2;
          a[0][0] += w;
          a[k + 1][k + 1] += w;
          a[0][k + 1] -= w;
          a[k + 1][0] -= w;
          for (const s of seen) {
            const ws = 1 / (s.deviation ** 2 + spread.batches ** 2);
            a[k + 1][k + 1] += ws;
            b[k + 1] += ws * s.mean;
          }
        });
        const covariance = inverse(new Matrix(a));
        const found = pooled(own, kin, spread);
        expect(found.mean).toBeCloseTo(covariance.mmul(Matrix.columnVector(b)).get(1, 0), 9);
        expect(found.deviation).toBeCloseTo(Math.sqrt(covariance.get(1, 1)), 9);
      },
    ),
    { numRuns: 60 },
  );
});

test("kin teach less than one's own; nothing seen is the table", () => {
  const spread = { table: normal(0, 0.3), kinds: 0.2, batches: 0.1 };
  const seen = [normal(0.4, 0.1)];
  expect(pooled([], [], spread)).toEqual(normal(0, Math.hypot(0.3, 0.2)));
  const [own, kin] = [pooled(seen, [], spread), pooled([], [seen], spread)];
  expect(own.mean).toBeGreaterThan(kin.mean);
  expect(kin.mean).toBeGreaterThan(0.1);
  expect(own.deviation).toBeLessThan(kin.deviation);
});

test.each([
  [0.0, []],
  // Others: 0 ± 1/√(4/0.05 + 1/0.09) = 0.1048; 2.5 × √(0.1048² + 0.1² + 0.25²) = 0.7224.
  [0.722, []],
  [0.723, ["odd"]],
])("far from the others by %f: named %j", (mean, named) => {
  const spread = { table: normal(0, 0.3), kinds: 0, batches: 0.1 };
  const seen = [
    ...[0, 0.02, -0.03, 0.01].map((m, i) => ({ id: `b${i}`, ...normal(m, 0.2) })),
    { id: "odd", ...normal(mean, 0.25) },
  ];
  expect(farOff(seen, (others) => pooled(others, [], spread), spread.batches)).toEqual(named);
});

test("two in three and nine in ten of a normal (by jStat)", () => {
  expect(jStat.normal.cdf(TWO_IN_THREE, 0, 1)).toBeCloseTo(5 / 6, 4);
  expect(jStat.normal.cdf(NINE_IN_TEN, 0, 1)).toBeCloseTo(0.95, 4);
});
