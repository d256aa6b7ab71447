import fc from "fast-check";
import { equivalentBody } from "../equivalent";
import { fleshBody, type PieceShape } from "../flesh-body";
import { simulateSoak } from "../simulate";
import type { Body, Stage } from "../stages";
import { at, bath, D, HOUR, ran, rest } from "./soaked.fixture";
import reference from "./wedges.reference.json";

/* Wedges: a thick back, an edge, two like sides, and the length across. */

const CUT: PieceShape = { thicknessMm: 60, faces: "both", skin: false, slashDepthMm: 0, slashSpacingMm: 20 };
const wedge = (backMm: number, deepMm: number, lengthMm: number, skinMm = 0): Body => ({
  shape: "slab",
  halfThicknessM: backMm / 2000,
  solid: [
    {
      kind: "wedge",
      halfM: backMm / 2000,
      deepM: deepMm / 1000,
      barrierM: 0,
      otherBarrierM: skinMm / 1000,
    },
    { kind: "half", halfM: lengthMm / 2000, barrierM: 0 },
  ],
});
/** When a wedge of a hand's length has nothing uneven left in it. */
const EVEN_H = 20_000;

/** Finite elements on the triangle, in another language: `scripts/reference/wedges.py`. Its middle is the least salted point. */
describe.each(reference.cases.map((known) => ({ ...known, waterRatio: known.waterRatio ?? Infinity })))(
  "$backMm × $deepMm × $lengthMm mm, $waterRatio times its water",
  ({ backMm, deepMm, lengthMm, waterRatio, mean, centre }) => {
    const seconds = reference.times.map((t) => (t * (backMm / 1000) ** 2) / D);
    const stages = [bath(seconds[seconds.length - 1] / HOUR, waterRatio)];
    const run = ran(wedge(backMm, deepMm, lengthMm), stages, seconds);

    test.each(reference.times.map((t, i) => [t, mean[i], centre[i], seconds[i]]))(
      "at %f the mean is within 0.5 %% of the step, the middle within 3 %%",
      (_, meanThen, centreThen, second) => {
        expect(Math.abs(at(run, second).mean / 0.1 - meanThen)).toBeLessThan(0.005);
        expect(Math.abs(at(run, second).centre / 0.1 - centreThen)).toBeLessThan(0.03);
      },
    );

    test("its stand-in of one direction has the mean within 1.5 % of the step", () => {
      const near = ran(equivalentBody({ kind: "wedge", backMm, deepMm, lengthMm }), stages, seconds);
      seconds.forEach((second, i) =>
        expect(Math.abs(at(near, second).mean / 0.1 - mean[i])).toBeLessThan(0.015),
      );
    });
  },
);

test("no salt is made or lost, whatever its proportions; at rest the mean stays, and in the end it is the same throughout", () => {
  const side = fc.integer({ min: 25, max: 120 });
  fc.assert(
    fc.property(side, side, side, fc.double({ min: 0.3, max: 5, noNaN: true }), (back, deep, long, ratio) => {
      const seconds = [10 * HOUR, 20 * HOUR, EVEN_H * HOUR];
      const run = ran(wedge(back, deep, long), [bath(20, ratio), rest(EVEN_H - 20)], seconds);
      const soaked = at(run, 10 * HOUR);
      expect(soaked.mean + ratio * (soaked.bath ?? 0)).toBeCloseTo(0.1 * ratio, 9);
      const summed = soaked.perWater.reduce((sum, c, i) => sum + c * run.grid.volumes[i], 0);
      expect(Math.abs(summed - soaked.mean)).toBeLessThan(2e-5);
      const [lifted, rested] = [at(run, 20 * HOUR), at(run, EVEN_H * HOUR)];
      expect(rested.mean).toBeCloseTo(lifted.mean, 9);
      for (const strength of [...rested.perWater, rested.centre])
        expect(Math.abs(strength - rested.mean)).toBeLessThan(1e-5);
    }),
    { numRuns: 10 },
  );
});

test("skin on its back keeps salt out there, and lies between bare and shut", () => {
  const seconds = [12 * HOUR];
  const mean = (skinMm: number) => at(ran(wedge(60, 60, 200, skinMm), [bath(12)], seconds), 12 * HOUR).mean;
  expect(mean(4)).toBeLessThan(0.92 * mean(0));
  expect(mean(4)).toBeGreaterThan(mean(1e6));
  // A shut back is a mirror: half of a kite of twice the depth has the same sides, and no back.
  expect(mean(1e6)).toBeGreaterThan(0.5 * mean(0));
});

test("still water about it counts as so much flesh before every face", () => {
  const seconds = [12 * HOUR];
  const still: Stage = { ...bath(12), surfaceTransferMPerS: D / 0.002 };
  const behind: Body = {
    ...wedge(60, 60, 200),
    solid: wedge(60, 60, 200).solid?.map((axis) => ({ ...axis, barrierM: 0.002, otherBarrierM: 0.002 })),
  };
  const [bare, film, skin] = [
    ran(wedge(60, 60, 200), [bath(12)], seconds),
    ran(wedge(60, 60, 200), [still], seconds),
    ran(behind, [bath(12)], seconds),
  ].map((run) => at(run, 12 * HOUR));
  expect(film.mean).toBeLessThan(0.95 * bare.mean);
  expect(film.mean).toBeCloseTo(skin.mean, 9);
  expect(film.centre).toBeCloseTo(skin.centre, 9);
});

test("a soak goes on from strengths shell by shell: those of the state it had", () => {
  const first = ran(wedge(60, 80, 150), [bath(20)], [20 * HOUR]);
  const { perWater, mean, centre } = at(first, 20 * HOUR);
  const { faces } = first.grid;
  const start = (from: number) => perWater[faces.findIndex((face) => Math.abs(face - from) < 1e-9)];
  const next = simulateSoak(wedge(60, 80, 150), [rest(1)], { initialPerWater: start });
  if (!next.ok) throw new Error(next.error.field);
  expect(next.value.moments[0].mean).toBeCloseTo(mean, 6);
  expect(Math.abs(next.value.moments[0].centre - centre)).toBeLessThan(0.003);
});

test("what was measured of a wedge: its back is its thickness, its deepest flesh as far from back as from sides", () => {
  const size = { widthMm: 80, lengthMm: 150 };
  const body = fleshBody("wedge", { ...CUT, skin: true, skinOn: "oneFace" }, D, { size });
  expect(body.solid).toEqual([
    { kind: "wedge", halfM: 0.03, deepM: 0.08, barrierM: 0, otherBarrierM: 0.004 },
    { kind: "half", halfM: 0.075, barrierM: 0 },
  ]);
  // 60 × 80 ÷ (60 + 2 √(80² + 30²)) = 4800 ÷ 230.88.
  expect(body.pathMm).toBeCloseTo(20.79, 2);
  expect(body.surfaceTransferMPerS).toBe(Infinity);
  expect(body.veiled).toBeUndefined();
  expect(body.standIn?.solid).toBeUndefined();
});
