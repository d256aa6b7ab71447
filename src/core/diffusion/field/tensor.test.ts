import fc from "fast-check";
import { along, contracted, type Lengths } from "./tensor";

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
