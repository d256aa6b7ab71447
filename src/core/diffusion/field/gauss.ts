import { symmetricTridiagonal } from "./tridiagonal";

/**
 * Gauss's points and weights for a sum over 0 to 1, by the eigenvalues of Legendre's recurrence.
 * Source: Golub and Welsch 1969 (from memory); exact for polynomials to the power 2n − 1.
 * @param count 1 or more
 */
export function gaussPoints(count: number): { at: Float64Array; weights: Float64Array } {
  const off = Float64Array.from({ length: count - 1 }, (_, i) => (i + 1) / Math.sqrt(4 * (i + 1) ** 2 - 1));
  const { values, vectors } = symmetricTridiagonal(new Float64Array(count), off);
  return { at: values.map((x) => (x + 1) / 2), weights: values.map((_, k) => vectors[k] ** 2) };
}
