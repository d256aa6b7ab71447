import fc from "fast-check";
import { along, contracted, corner, reachOf, type Lengths } from "./tensor";

/* Against the sum as it is written down, index by index. */

const length = fc.integer({ min: 1, max: 6 });
const number = fc.double({ min: -1, max: 1, noNaN: true });
const block = (size: number) =>
  fc.array(number, { minLength: size, maxLength: size }).map((n) => Float64Array.from(n));
const asked = fc
  .record({ lengths: fc.tuple(length, length, length), axis: fc.constantFrom(0, 1, 2) })
  .chain(({ lengths, axis }) =>
    // More rows than four, and such that some are left over.
    fc.integer({ min: 1, max: 9 }).chain((rows) =>
      fc.record({
        lengths: fc.constant(lengths as Lengths),
        axis: fc.constant(axis as 0 | 1 | 2),
        rows: fc.constant(rows),
        values: block(lengths[0] * lengths[1] * lengths[2]),
        matrix: block(rows * lengths[axis]),
      }),
    ),
  );

test("a matrix along any direction gives each of its rows times each line of the block", () =>
  fc.assert(
    fc.property(asked, ({ lengths, axis, rows, values, matrix }) => {
      const to = lengths.map((l, d) => (d === axis ? rows : l));
      const result = along(values, lengths, axis, matrix, rows);
      expect(result).toHaveLength(to[0] * to[1] * to[2]);
      for (let i = 0; i < to[0]; i++)
        for (let j = 0; j < to[1]; j++)
          for (let k = 0; k < to[2]; k++) {
            const row = [i, j, k][axis];
            let sum = 0;
            for (let l = 0; l < lengths[axis]; l++) {
              const [x, y, z] = [i, j, k].map((index, d) => (d === axis ? l : index));
              sum += matrix[row * lengths[axis] + l] * values[(x * lengths[1] + y) * lengths[2] + z];
            }
            expect(result[(i * to[1] + j) * to[2] + k]).toBeCloseTo(sum, 12);
          }
    }),
    { numRuns: 60 },
  ));

test("one number of a block: each value times its row's entry in each direction", () => {
  const rows = [Float64Array.of(1, 10), Float64Array.of(1, 0), Float64Array.of(2, 3, 5)] as const;
  const values = Float64Array.from({ length: 12 }, (_, i) => i);
  // First plane, first line: 0, 1, 2; second plane's first line: 6, 7, 8.
  expect(contracted(values, [2, 2, 3], rows)).toBe(0 * 2 + 1 * 3 + 2 * 5 + 10 * (6 * 2 + 7 * 3 + 8 * 5));
});

/** A block that is nothing beyond its first few in each direction, and here and there within them. */
const fading = fc.tuple(length, length, length).chain(([a, b, c]) =>
  fc.record({
    lengths: fc.constant<Lengths>([a, b, c]),
    values: fc
      .record({
        to: fc.tuple(fc.nat(a), fc.nat(b), fc.nat(c)),
        there: fc.array(fc.boolean(), { minLength: a * b * c, maxLength: a * b * c }),
      })
      .map(({ to, there }) =>
        Float64Array.from(there, (is, at) => {
          const index = [Math.floor(at / (b * c)), Math.floor(at / c) % b, at % c];
          return is && index.every((i, d) => i < to[d]) ? 1 + at : 0;
        }),
      ),
  }),
);

test("what is cut off a block is nothing, and no less could be kept", () =>
  fc.assert(
    fc.property(fading, ({ lengths, values }) => {
      const to = reachOf(values, lengths);
      const [, b, c] = lengths;
      const farthest = [1, 1, 1];
      values.forEach((value, at) => {
        if (value === 0) return;
        [Math.floor(at / (b * c)), Math.floor(at / c) % b, at % c].forEach((i, d) => {
          farthest[d] = Math.max(farthest[d], i + 1);
        });
      });
      expect(to).toEqual(farthest);
      const kept = corner(values, lengths, to);
      expect(kept).toHaveLength(to[0] * to[1] * to[2]);
      kept.forEach((value, at) => {
        const [i, j, k] = [Math.floor(at / (to[1] * to[2])), Math.floor(at / to[2]) % to[1], at % to[2]];
        expect(value).toBe(values[(i * b + j) * c + k]);
      });
    }),
    { numRuns: 200 },
  ));
