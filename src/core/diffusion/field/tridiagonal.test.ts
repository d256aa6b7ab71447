import fc from "fast-check";
import { EigenvalueDecomposition, Matrix } from "ml-matrix";
import { symmetricTridiagonal } from "./tridiagonal";

/** In thousandths: at the least number there is the library itself gives up. */
const entry = fc.integer({ min: -1_000_000, max: 1_000_000 }).map((n) => n / 1000);
const matrix = fc.integer({ min: 1, max: 24 }).chain((n) =>
  fc.record({
    diagonal: fc.array(entry, { minLength: n, maxLength: n }),
    off: fc.array(entry, { minLength: n - 1, maxLength: n - 1 }),
  }),
);

function whole(diagonal: number[], off: number[]): Matrix {
  const m = Matrix.zeros(diagonal.length, diagonal.length);
  diagonal.forEach((value, i) => m.set(i, i, value));
  off.forEach((value, i) => m.set(i, i + 1, value).set(i + 1, i, value));
  return m;
}

test("the eigenvalues are those of a general library (ml-matrix)", () => {
  fc.assert(
    fc.property(matrix, ({ diagonal, off }) => {
      const m = whole(diagonal, off);
      const { realEigenvalues } = new EigenvalueDecomposition(m, { assumeSymmetric: true });
      const theirs = [...realEigenvalues].sort((a, b) => a - b);
      const scale = Math.max(1, ...theirs.map(Math.abs));
      symmetricTridiagonal(diagonal, off).values.forEach((value, i) =>
        expect(Math.abs(value - theirs[i]) / scale).toBeLessThan(1e-11),
      );
    }),
    { numRuns: 200 },
  );
});

test("the vectors are orthonormal, and each is only stretched by the matrix", () => {
  fc.assert(
    fc.property(matrix, ({ diagonal, off }) => {
      const { values, vectors } = symmetricTridiagonal(diagonal, off);
      const n = diagonal.length;
      const scale = Math.max(1, ...values.map(Math.abs));
      const v = new Matrix(Array.from({ length: n }, (_, row) => [...vectors.slice(row * n, row * n + n)]));
      const identity = v.transpose().mmul(v);
      const stretched = whole(diagonal, off).mmul(v);
      expect(identity.sub(Matrix.eye(n)).abs().max()).toBeLessThan(5e-11);
      expect(
        stretched
          .sub(v.clone().mulRowVector([...values]))
          .abs()
          .max() / scale,
      ).toBeLessThan(1e-11);
      expect([...values]).toEqual([...values].sort((a, b) => a - b));
    }),
    { numRuns: 150 },
  );
});

test("known in closed form: 2 on the diagonal and −1 beside it", () => {
  const n = 9;
  const { values } = symmetricTridiagonal(new Array<number>(n).fill(2), new Array<number>(n - 1).fill(-1));
  values.forEach((value, k) =>
    expect(value).toBeCloseTo(2 - 2 * Math.cos(((k + 1) * Math.PI) / (n + 1)), 12),
  );
});

test("the least numbers there are settle too", () => {
  const { values } = symmetricTridiagonal([0, 0, 1e-14], [5e-324, 1e-200]);
  expect([...values]).toEqual([0, 0, 1e-14]);
});

test("what is none is refused; one that is diagonal already stays", () => {
  expect(() => symmetricTridiagonal([], [])).toThrow(RangeError);
  expect(() => symmetricTridiagonal([1, 2], [])).toThrow("2 on the diagonal want 1 beside it, not 0");
  expect(() => symmetricTridiagonal([1, NaN], [0])).toThrow("finite");
  expect(symmetricTridiagonal([3, 1, 2], [0, 0])).toEqual({
    values: Float64Array.of(1, 2, 3),
    vectors: Float64Array.of(0, 0, 1, 1, 0, 0, 0, 1, 0),
  });
});
