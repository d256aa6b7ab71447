import { lanesOf } from "./lanes";
import reference from "./rounds.reference.json";
import type { SoakRun } from "./run";
import { sectionAt } from "./section";
import { simulateSharedSoak, simulateSoak } from "./simulate";
import type { Body, Stage } from "./stages";

/*
 * Rounds with a skin on one side. Held against a solver in radius and angle (`scripts/reference/rounds.py`, its figures stand
 * in `rounds.reference.json`), and against the two soaks they lie between.
 */

const D = reference.diffusivityM2PerS;
const HOUR = 3600;
const round = (share: number, part: Partial<Body> = {}): Body => ({
  shape: "cylinder",
  halfThicknessM: reference.radiusMm / 1000,
  veiled: { share, barrierM: reference.skinMm / 1000 },
  ...part,
});
const bath = (hours: number, waterRatio = Infinity): Stage => ({
  kind: "bath",
  durationS: hours * HOUR,
  diffusivityM2PerS: D,
  waterRatio,
  saltPerWater: 0.1,
});
function ran(body: Body, stages: Stage[], hours: readonly number[] = reference.hours): SoakRun {
  const result = simulateSoak(body, stages, { outputTimesS: hours.map((h) => h * HOUR) });
  if (!result.ok) throw new Error(result.error.field);
  return result.value;
}
const at = (run: SoakRun, hours: number) => {
  const moment = run.moments.find((m) => Math.abs(m.timeS - hours * HOUR) < 1);
  if (!moment) throw new Error(`${hours} h`);
  return moment;
};

describe.each(reference.cases)(
  "covered $covered, bath $bathPerFlesh",
  ({ covered, bathPerFlesh, mean, centre }) => {
    const run = ran(round(covered), [bath(192, bathPerFlesh ?? Infinity)]);

    test.each(reference.hours.map((h, i) => [h, mean[i], centre[i]]))(
      "after %d h the mean is within 1 %% of the two-way solver's, the middle within 3 %% of the step",
      (hours, meanOfStep, centreOfStep) => {
        const moment = at(run, hours);
        expect(Math.abs(moment.mean / 0.1 - meanOfStep)).toBeLessThan(0.01);
        expect(Math.abs(moment.mean / 0.1 / meanOfStep - 1)).toBeLessThan(0.02);
        expect(Math.abs(moment.centre / 0.1 - centreOfStep)).toBeLessThan(0.03);
      },
    );
  },
);

test("it lies between bare and skinned all about; the face that is shown is the bare one's", () => {
  const [none, half, all] = [0, 0.5, 1].map((share) => at(ran(round(share), [bath(192)]), 24));
  expect(half.mean).toBeCloseTo((none.mean + all.mean) / 2, 6);
  expect(none.mean).toBeGreaterThan(1.5 * all.mean);
  expect(half.surface).toBe(0.1);
  // Skinned all about is the face's own resistance, told either way.
  const told = ran(round(0, { veiled: undefined }), [
    { ...bath(192), surfaceTransferMPerS: D / (reference.skinMm / 1000) },
  ]);
  expect(all.mean).toBeCloseTo(at(told, 24).mean, 6);
});

test("dry salt is kept to the grain, however the lanes take it; a rest evens what came in", () => {
  const dry: Stage = {
    kind: "drySalt",
    durationS: 48 * HOUR,
    diffusivityM2PerS: D,
    saltPerFleshWater: 0.02,
    saturatedPerWater: 0.358,
  };
  const run = ran(round(0.5), [dry, { kind: "rest", durationS: 144 * HOUR, diffusivityM2PerS: D }]);
  for (const moment of run.moments.slice(1)) expect(moment.mean + moment.undissolved).toBeCloseTo(0.02, 9);
  expect(at(run, 192).centre).toBeGreaterThan(at(run, 48).centre);
});

test("a short log with a skin on one side takes less than a bare one, more than one that is skinned all about", () => {
  const solid = (barrierM: number) => [
    { kind: "radius" as const, halfM: 0.04, barrierM },
    { kind: "half" as const, halfM: 0.06, barrierM },
  ];
  const log = (veiled: Body["veiled"], barrierM = 0): Body => ({
    shape: "slab",
    halfThicknessM: 0.04,
    solid: solid(barrierM),
    veiled,
  });
  const meanOf = (body: Body) => at(ran(body, [bath(96)], [24, 48]), 48).mean;
  const half = meanOf(log({ share: 0.5, barrierM: 0.004 }));
  expect(half).toBeCloseTo((meanOf(log(undefined)) + meanOf(log(undefined, 0.004))) / 2, 6);
});

test("what watches the run on its way sees the piece, not a lane of it", () => {
  const seen: { mean: number; centre: number; outer: number }[] = [];
  for (const body of [
    round(0.5),
    round(0.5, { shape: "slab", solid: [{ kind: "radius", halfM: 0.04, barrierM: 0 }] }),
  ]) {
    simulateSoak(body, [bath(48)], {
      onStep: ({ timeS, mean, centre, perWater }) => {
        if (timeS < 48 * HOUR) return false;
        seen.push({ mean, centre, outer: perWater[perWater.length - 1] });
        return true;
      },
    });
  }
  const whole = at(ran(round(0.5), [bath(48)]), 48);
  expect(seen).toHaveLength(2);
  for (const { mean } of seen) expect(Math.abs(mean / whole.mean - 1)).toBeLessThan(0.01);
  expect(seen[0].outer).toBeCloseTo(whole.perWater[whole.perWater.length - 1], 6);
});

test("in one bath with others each body has its own run, in the order it came", () => {
  const small = { ...round(0.5, { halfThicknessM: 0.01 }), share: 0.25 };
  const bare = { ...round(0.5, { veiled: undefined }), share: 0.75 };
  const runs = simulateSharedSoak([small, bare], [bath(24, 1)], { outputTimesS: [12 * HOUR] });
  if (!runs.ok) throw new Error(runs.error.field);
  expect(runs.value).toHaveLength(2);
  const [first, second] = runs.value.map((run) => at(run, 12));
  expect(first.mean).toBeGreaterThan(2 * second.mean);
  expect(0.25 * first.mean + 0.75 * second.mean + (first.bath ?? NaN)).toBeCloseTo(0.1, 9);
  expect(lanesOf([small, bare]).map(({ of, share }) => [of, share])).toEqual([
    [0, 0.125],
    [0, 0.125],
    [1, 0.75],
  ]);
});

test("of an oval the cut through it is that of both lanes, as its mean is", () => {
  const solid = [60, 90, 200].map((mm) => ({ kind: "oval" as const, halfM: mm / 2000, barrierM: 0 }));
  const [none, half, all] = [0, 0.5, 1].map((share) => {
    const run = ran(round(share, { solid }), [bath(192)]);
    const section = sectionAt(run, 24 * HOUR);
    return { mean: at(run, 24).mean, edge: section?.[section.length - 1] ?? NaN };
  });
  expect(half.mean).toBeCloseTo((none.mean + all.mean) / 2, 6);
  expect(half.edge).toBeCloseTo((none.edge + all.edge) / 2, 6);
  expect(none.edge).toBeGreaterThan(all.edge + 0.01);
});
