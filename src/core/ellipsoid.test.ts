import fc from "fast-check";
import { ellipsoidIntegrals } from "./ellipsoid";

const axis = fc.double({ min: 2, max: 400, noNaN: true });

test("a ball's: 4πr² and 4πr", () => {
  const { areaMm2, meanCurvatureMm } = ellipsoidIntegrals([20, 20, 20]);
  expect(areaMm2).toBeCloseTo(4 * Math.PI * 100, 9);
  expect(meanCurvatureMm).toBeCloseTo(4 * Math.PI * 10, 9);
});

/** The same two by plain sums over an eighth of the sphere, so many panels either way. */
function bySums(axes: readonly number[], panels: number) {
  const [a, b, c] = axes.map((each) => each / 2);
  let [area, curvature] = [0, 0];
  for (let i = 0; i < panels; i++)
    for (let j = 0; j < panels; j++) {
      const z = (i + 0.5) / panels;
      const angle = ((j + 0.5) / panels) * (Math.PI / 2);
      const [x, y] = [Math.sqrt(1 - z * z) * Math.cos(angle), Math.sqrt(1 - z * z) * Math.sin(angle)];
      area += Math.hypot(b * c * x, a * c * y, a * b * z);
      curvature += Math.hypot(a * x, b * y, c * z);
    }
  const each = (4 * Math.PI) / panels ** 2;
  return { areaMm2: area * each, meanCurvatureMm: curvature * each };
}

test.each([[[6, 4, 2]], [[300, 120, 25]], [[120, 90, 80]]])(
  "three axes that differ, %p: what sums over the sphere come to",
  ([...axes]) => {
    const [exact, sums] = [ellipsoidIntegrals(axes as [number, number, number]), bySums(axes, 400)];
    expect(sums.areaMm2 / exact.areaMm2).toBeCloseTo(1, 4);
    expect(sums.meanCurvatureMm / exact.meanCurvatureMm).toBeCloseTo(1, 4);
  },
);

test("spheroids, by the closed formulas of the handbooks, in any order of the axes", () => {
  fc.assert(
    fc.property(axis, axis, (a, c) => {
      fc.pre(Math.abs(a / c - 1) > 1e-3);
      const [r, h] = [a / 2, c / 2];
      const e = Math.sqrt(1 - Math.min(r, h) ** 2 / Math.max(r, h) ** 2);
      const area =
        h > r
          ? 2 * Math.PI * r ** 2 * (1 + (h / r / e) * Math.asin(e))
          : 2 * Math.PI * r ** 2 * (1 + ((1 - e ** 2) / e) * Math.atanh(e));
      for (const axes of [
        [a, a, c],
        [a, c, a],
        [c, a, a],
      ] as const)
        expect(ellipsoidIntegrals(axes).areaMm2 / area).toBeCloseTo(1, 10);
    }),
  );
});

test("a body twice as large has four times the face and twice the mean curvature", () => {
  fc.assert(
    fc.property(axis, axis, axis, (a, b, c) => {
      const [one, two] = [ellipsoidIntegrals([a, b, c]), ellipsoidIntegrals([2 * a, 2 * b, 2 * c])];
      expect(two.areaMm2 / one.areaMm2).toBeCloseTo(4, 9);
      expect(two.meanCurvatureMm / one.meanCurvatureMm).toBeCloseTo(2, 9);
    }),
  );
});

test("the body parallel to it: what Steiner's formula wants of both is what Minkowski's inequalities allow", () => {
  fc.assert(
    fc.property(axis, axis, axis, (a, b, c) => {
      const { areaMm2: s, meanCurvatureMm: m } = ellipsoidIntegrals([a, b, c]);
      const v = (Math.PI / 6) * a * b * c;
      // Equal for a ball alone.
      expect(m ** 2).toBeGreaterThan(4 * Math.PI * s * (1 - 1e-9));
      expect(s ** 2).toBeGreaterThan(3 * v * m * (1 - 1e-9));
    }),
  );
});
