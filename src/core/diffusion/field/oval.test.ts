import fc from "fast-check";
import { equivalentBody } from "../equivalent";
import { fleshBody, type PieceShape } from "../flesh-body";
import type { SoakRun } from "../run";
import { sectionAt } from "../section";
import { simulateSharedSoak, simulateSoak } from "../simulate";
import type { Body, Stage } from "../stages";
import reference from "./ellipsoids.reference.json";
import { gaussPoints } from "./gauss";
import { at, bath, D, HOUR, ran, rest } from "./soaked.fixture";

/* Bodies that taper, as a whole fish does. */

const WHOLE: PieceShape = {
  thicknessMm: 50,
  faces: "both",
  skin: false,
  slashDepthMm: 0,
  slashSpacingMm: 20,
};
/** Full axes, the thickness first. */
const oval = ([a, b, c]: readonly number[], barrierM = 0): Body => ({
  shape: "slab",
  halfThicknessM: a / 2000,
  solid: [a, b, c].map((mm) => ({ kind: "oval", halfM: mm / 2000, barrierM })),
});
/** Explicit differences in three directions, in another language: `scripts/reference/ellipsoids.py`. */
describe.each(reference.cases.map((known) => ({ ...known, waterRatio: known.waterRatio ?? Infinity })))(
  "half-axes $axesMm mm, $waterRatio times its water",
  ({ axesMm, waterRatio, mean, centre }) => {
    const full = axesMm.map((half) => 2 * half);
    const seconds = reference.times.map((t) => (t * (Math.min(...axesMm) / 1000) ** 2) / D);
    const stages = [bath(seconds[seconds.length - 1] / HOUR, waterRatio)];
    const run = ran(oval(full), stages, seconds);

    test.each(reference.times.map((t, i) => [t, mean[i], centre[i], seconds[i]]))(
      "at %f the mean is within 0.3 %% of the step, the middle within 1 %%",
      (_, meanThen, centreThen, second) => {
        expect(Math.abs(at(run, second).mean / 0.1 - meanThen)).toBeLessThan(0.003);
        expect(Math.abs(at(run, second).centre / 0.1 - centreThen)).toBeLessThan(0.01);
      },
    );

    test("its stand-in of one direction has the mean within 3 % of the step", () => {
      const [a, b, c] = full;
      const near = ran(equivalentBody({ kind: "ellipsoid", axesMm: [a, b, c] }), stages, seconds);
      seconds.forEach((second, i) =>
        expect(Math.abs(at(near, second).mean / 0.1 - mean[i])).toBeLessThan(0.03),
      );
    });
  },
);

describe("of three like axes it is the engine's own ball", () => {
  const ball = (barrierM = 0): Body => ({ shape: "sphere", halfThicknessM: 0.03, barrierM });
  const dry: Stage = {
    kind: "drySalt",
    durationS: 60 * HOUR,
    diffusivityM2PerS: D,
    saltPerFleshWater: 0.03,
    saturatedPerWater: 0.358,
  };
  const rinse: Stage = {
    kind: "freshWater",
    durationS: HOUR,
    diffusivityM2PerS: D,
    waterRatio: 5,
    changes: 2,
  };
  test.each<[string, number, number, Stage[]]>([
    ["a bath that weakens", 0.1, 0, [bath(80)]],
    ["through a skin", 0.1, 0.004, [bath(80)]],
    ["through still water", 0.1, 0, [{ ...bath(80), surfaceTransferMPerS: 3e-7 }]],
    ["dry salt that is used up", 0.358, 0, [dry]],
    ["a bath, two rinses and a rest", 0.1, 0, [bath(12), rinse, rest(50)]],
  ])("%s", (_, outside, barrierM, stages) => {
    const hours = [1, 4, 12, 13, 24, 48, 60].map((h) => h * HOUR);
    const [own, field] = [
      ran(ball(barrierM), stages, hours),
      ran(oval([60, 60, 60], barrierM), stages, hours),
    ];
    for (const second of hours) {
      expect(Math.abs(at(field, second).mean - at(own, second).mean)).toBeLessThan(0.003 * outside);
      expect(Math.abs(at(field, second).centre - at(own, second).centre)).toBeLessThan(0.006 * outside);
      expect(Math.abs((at(field, second).bath ?? 0) - (at(own, second).bath ?? 0))).toBeLessThan(3e-4);
    }
    // Deep in the flesh the shells agree as well, not only their mean.
    const within = (run: SoakRun, share: number) => {
      const { perWater } = at(run, 48 * HOUR);
      return perWater[run.grid.centroids.findIndex((c) => c > share)];
    };
    for (const share of [0.3, 0.6, 0.9]) expect(within(field, share)).toBeCloseTo(within(own, share), 2);
  });

  test("and so is its stand-in", () => {
    const { exponent, halfThicknessM } = equivalentBody({ kind: "ellipsoid", axesMm: [80, 80, 80] });
    expect(exponent).toBeCloseTo(2, 6);
    expect(halfThicknessM).toBeCloseTo(0.04, 6);
  });
});

describe("laws", () => {
  const axis = fc.integer({ min: 20, max: 160 });
  const axes = fc.tuple(axis, axis, axis);

  test("no salt is made or lost: bath, flesh and shells agree; at rest the mean stays", () => {
    fc.assert(
      fc.property(axes, fc.double({ min: 0.3, max: 5, noNaN: true }), (full, ratio) => {
        const seconds = [2, 10, 20, 40].map((h) => h * HOUR);
        const run = ran(oval(full), [bath(20, ratio), rest(20)], seconds);
        const soaked = at(run, 10 * HOUR);
        expect(soaked.mean + ratio * (soaked.bath ?? 0)).toBeCloseTo(0.1 * ratio, 9);
        for (const second of seconds) {
          const { mean, perWater } = at(run, second);
          const summed = perWater.reduce((sum, c, i) => sum + c * run.grid.volumes[i], 0);
          expect(Math.abs(summed - mean)).toBeLessThan(1e-4);
        }
        expect(at(run, 40 * HOUR).mean).toBeCloseTo(at(run, 20 * HOUR).mean, 9);
      }),
      { numRuns: 12 },
    );
  });

  test("its three axes may come in any order: the mean and the middle are the same", () => {
    const seconds = [8 * HOUR, 40 * HOUR];
    const [first, ...others] = [
      [40, 70, 180],
      [180, 40, 70],
      [70, 180, 40],
    ].map((full) => ran(oval(full), [bath(40)], seconds));
    for (const other of others)
      for (const second of seconds) {
        expect(Math.abs(at(other, second).mean - at(first, second).mean)).toBeLessThan(2e-4);
        expect(Math.abs(at(other, second).centre - at(first, second).centre)).toBeLessThan(3e-4);
      }
  });

  test("two ovals in one bath share its salt", () => {
    const both = simulateSharedSoak(
      [
        { ...oval([40, 60, 150]), share: 0.4 },
        { ...oval([60, 80, 200]), share: 0.6 },
      ],
      [bath(30)],
    );
    if (!both.ok) throw new Error(both.error.field);
    const [thin, thick] = both.value.map(({ moments }) => moments[moments.length - 1]);
    expect(thin.mean).toBeGreaterThan(thick.mean);
    expect(0.4 * thin.mean + 0.6 * thick.mean + 1.5 * (thin.bath ?? 0)).toBeCloseTo(0.15, 9);
  });
});

test("a cut through it is saltier towards its thin sides, and beyond it has the face's strength", () => {
  const run = ran(oval([40, 120, 200]), [bath(10, Infinity)], [10 * HOUR]);
  const section = sectionAt(run, 10 * HOUR);
  const across = (run.section?.across.length ?? 0) - 1;
  if (!section) throw new Error("no cut");
  expect(section).toHaveLength(across * across);
  // The middle row, out to the thin side; the last of it lies in the face.
  expect(section[across - 4]).toBeGreaterThan(section[0] + 0.01);
  expect(section[across - 1]).toBeGreaterThan(0.09);
  // Its corner is beyond the oval.
  expect(section[across * across - 1]).toBeCloseTo(0.1, 2);
});

test("a soak goes on from strengths shell by shell: those of the state it had", () => {
  const first = ran(oval([50, 80, 200]), [bath(20)], [20 * HOUR]);
  const { perWater, mean } = at(first, 20 * HOUR);
  const { faces } = first.grid;
  const middles = [...faces].slice(1).map((face, i) => (face + faces[i]) / 2);
  const start = (from: number, to: number) =>
    perWater[middles.findIndex((middle) => Math.abs(middle - (from + to) / 2) < 1e-9)];
  const next = simulateSoak(oval([50, 80, 200]), [rest(60)], { initialPerWater: start });
  if (!next.ok) throw new Error(next.error.field);
  const { moments } = next.value;
  expect(moments[0].mean).toBeCloseTo(mean, 6);
  expect(Math.abs(moments[moments.length - 1].mean - moments[0].mean)).toBeLessThan(1e-9);
});

test("what was measured of a whole fish, its skin where the food has it", () => {
  const size = { lengthMm: 300, widthMm: 100 };
  const whole = fleshBody("oval", { ...WHOLE, skin: true, skinOn: "allFaces" }, D, { size });
  expect(whole.solid?.map(({ kind, halfM }) => [kind, halfM])).toEqual([
    ["oval", 0.025],
    ["oval", 0.05],
    ["oval", 0.15],
  ]);
  expect(whole.pathMm).toBe(25);
  expect(whole.standIn?.exponent).toBeGreaterThan(1.5);
  expect(whole.surfaceTransferMPerS).toBeCloseTo(D / 0.004, 12);
  expect(fleshBody("oval", { ...WHOLE, skin: true, skinOn: "oneFace" }, D, { size }).veiled).toEqual({
    share: 0.5,
    barrierM: 0.004,
  });
  // A face that is shut is of what lies flat.
  expect(fleshBody("oval", { ...WHOLE, faces: "one" }, D, { size }).pathMm).toBe(25);
});

test("Gauss's points sum a polynomial to the power 2n − 1 exactly (Abramowitz and Stegun 25.4.29)", () => {
  const { at: points, weights } = gaussPoints(3);
  expect(points[0]).toBeCloseTo((1 - Math.sqrt(0.6)) / 2, 14);
  expect(weights[1]).toBeCloseTo(4 / 9, 14);
  const sum = points.reduce((total, x, i) => total + weights[i] * x ** 5, 0);
  expect(sum).toBeCloseTo(1 / 6, 14);
});
