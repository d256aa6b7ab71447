import fc from "fast-check";
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

/** Solves A x = b by Gauss with pivots: the joint posterior has no short form to hold the pooling against. */
function solved(a: number[][], b: number[]): number[] {
  const n = b.length;
  const m = a.map((row, i) => [...row, b[i]]);
  for (let c = 0; c < n; c++) {
    const p = m.reduce((best, row, i) => (i >= c && Math.abs(row[c]) > Math.abs(m[best][c]) ? i : best), c);
    [m[c], m[p]] = [m[p], m[c]];
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const k = m[r][c] / m[c][c];
      for (let j = c; j <= n; j++) m[r][j] -= k * m[c][j];
    }
  }
  return m.map((row, i) => row[n] / row[i]);
}

test("pooling is the exact posterior of class, kinds and batches as one normal (precision matrix, solved as a whole)", () => {
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
        const unit = Array.from({ length: n }, (_, i) => (i === 1 ? 1 : 0));
        const found = pooled(own, kin, spread);
        expect(found.mean).toBeCloseTo(solved(a, b)[1], 9);
        expect(found.deviation).toBeCloseTo(Math.sqrt(solved(a, unit)[1]), 9);
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

test("two in three and nine in ten of a normal (standard tables)", () => {
  const phi = (z: number) => {
    // Φ by its integral, Simpson's rule.
    const n = 2000;
    const f = (x: number) => Math.exp(-(x ** 2) / 2) / Math.sqrt(2 * Math.PI);
    let sum = f(0) + f(z);
    for (let i = 1; i < n; i++) sum += (i % 2 === 0 ? 2 : 4) * f((z * i) / n);
    return 0.5 + (sum * z) / n / 3;
  };
  expect(phi(TWO_IN_THREE)).toBeCloseTo(5 / 6, 4);
  expect(phi(NINE_IN_TEN)).toBeCloseTo(0.95, 4);
});
