/**
 * Area and integral of mean curvature of an ellipsoid with these full axes, both exact: Carlson's integral R_G is the mean of a
 * square root over the sphere (DLMF 19.16.3; the area 19.33.1).
 * @param axesMm > 0, in any order
 */
export function ellipsoidIntegrals(axesMm: readonly [number, number, number]) {
  const [a, b, c] = axesMm.map((axis) => (axis / 2) ** 2);
  return {
    areaMm2: 4 * Math.PI * meanRoot([b * c, a * c, a * b]),
    // Integral of mean curvature of a convex body is the integral of its support function over the sphere.
    meanCurvatureMm: 4 * Math.PI * meanRoot([a, b, c]),
  };
}

/** R_G, the mean over the unit sphere of √(x n₁² + y n₂² + z n₃²) (DLMF 19.21.10). @param parts > 0, in any order */
function meanRoot(parts: readonly number[]): number {
  // With the middle one set apart all its terms are of one sign: nothing cancels.
  const [x, z, y] = [...parts].sort((one, other) => one - other);
  const { first, second } = symmetric(x, y, z);
  return (z * first + ((z - x) * (y - z) * second) / 3 + Math.sqrt((x * y) / z)) / 2;
}

/** Nearer to one another than this, a series of the fifth order has them to the last digit. */
const CLOSE = 1e-3;

/** R_F and R_D by Carlson's duplication (DLMF 19.36(i)), their series by 19.36.1 and 19.36.2. */
function symmetric(x: number, y: number, z: number): { first: number; second: number } {
  let sum = 0;
  let quarter = 1;
  while (Math.max(x, y, z) - Math.min(x, y, z) > CLOSE * z) {
    const lambda = Math.sqrt(x * y) + Math.sqrt(x * z) + Math.sqrt(y * z);
    sum += quarter / (Math.sqrt(z) * (z + lambda));
    quarter /= 4;
    [x, y, z] = [(x + lambda) / 4, (y + lambda) / 4, (z + lambda) / 4];
  }
  return { first: firstNear(x, y, z), second: 3 * sum + quarter * secondNear(x, y, z) };
}

function firstNear(x: number, y: number, z: number): number {
  const mean = (x + y + z) / 3;
  const [dx, dy] = [1 - x / mean, 1 - y / mean];
  const dz = -dx - dy;
  const [e2, e3] = [dx * dy - dz ** 2, dx * dy * dz];
  return (1 - e2 / 10 + e3 / 14 + e2 ** 2 / 24 - (3 * e2 * e3) / 44) / Math.sqrt(mean);
}

function secondNear(x: number, y: number, z: number): number {
  const mean = (x + y + 3 * z) / 5;
  const [dx, dy] = [1 - x / mean, 1 - y / mean];
  const dz = -(dx + dy) / 3;
  const xy = dx * dy;
  const [e2, e3] = [xy - 6 * dz ** 2, (3 * xy - 8 * dz ** 2) * dz];
  const [e4, e5] = [3 * (xy - dz ** 2) * dz ** 2, xy * dz ** 3];
  const series =
    1 - (3 * e2) / 14 + e3 / 6 + (9 * e2 ** 2) / 88 - (3 * e4) / 22 - (9 * e2 * e3) / 52 + (3 * e5) / 26;
  return series / mean ** 1.5;
}
