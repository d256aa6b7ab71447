import fc from "fast-check";
import { productFraction } from "../product";
import type { SoakRun } from "../run";
import { sectionAt } from "../section";
import { simulateSharedSoak, simulateSoak } from "../simulate";
import type { Body, Stage } from "../stages";
import type { SolidAxis } from "./axis";
import references from "./bricks.reference.json";

const D = 5e-10;
const HOUR = 3600;
const bare = (mm: number): SolidAxis => ({ kind: "half", halfM: mm / 2000, barrierM: 0 });
const brick = (edges: readonly number[], skinMm = 0): Body => ({
  shape: "slab",
  halfThicknessM: edges[0] / 2000,
  solid: edges.map((edge, i) =>
    i === 0 && skinMm > 0 ? { ...bare(edge), kind: "full", otherBarrierM: skinMm / 1000 } : bare(edge),
  ),
});
const slab = (mm: number): Body => ({ shape: "slab", halfThicknessM: mm / 2000 });
const bath = (hours: number, waterRatio = 1.5, saltPerWater = 0.06): Stage => ({
  kind: "bath",
  durationS: hours * HOUR,
  diffusivityM2PerS: D,
  waterRatio,
  saltPerWater,
});
const saturated: Stage = {
  kind: "bath",
  durationS: 24 * HOUR,
  diffusivityM2PerS: D,
  waterRatio: 1.5,
  saltPerWater: 0.358,
  undissolvedPerFleshWater: 0.05,
};
const rest = (hours: number): Stage => ({ kind: "rest", durationS: hours * HOUR, diffusivityM2PerS: D });
const dry = (hours: number, salt: number): Stage => ({
  kind: "drySalt",
  durationS: hours * HOUR,
  diffusivityM2PerS: D,
  saltPerFleshWater: salt,
  saturatedPerWater: 0.358,
});

function ran(body: Body, stages: readonly Stage[], hours: readonly number[]): SoakRun {
  const result = simulateSoak(body, stages, { outputTimesS: hours.map((h) => h * HOUR) });
  if (!result.ok) throw new Error(result.error.field);
  return result.value;
}

const at = (run: SoakRun, hours: number) => {
  const found = run.moments.find((m) => Math.abs(m.timeS - hours * HOUR) < 1);
  if (!found) throw new Error(`no moment at ${hours} h`);
  return found;
};

/** Explicit finite volumes on even grids of 2 and 1 mm, extrapolated: `scripts/reference/bricks.py`, in another language. */
describe("bricks against an independent solver: 1 % of the step in the mean, 3 % in the middle", () => {
  type Said = { kind: string; hours: number; ratio?: number; strength?: number; salt?: number };
  const stagesOf = (stages: readonly Said[]): Stage[] =>
    stages.map((s) =>
      s.kind === "bath"
        ? bath(s.hours, s.ratio, s.strength)
        : s.kind === "dry"
          ? dry(s.hours, s.salt ?? 0)
          : rest(s.hours),
    );
  test.each(references)("$name", ({ edges, stages, times, skin, expected }) => {
    const run = ran(brick(edges, skin), stagesOf(stages), times);
    // What the salt outside could bring at most.
    const step = stages[0].kind === "dry" ? 0.02 : 0.06 * (1.5 / 2.5);
    times.forEach((hours, i) => {
      const [mean, centre] = expected[i];
      expect(Math.abs(at(run, hours).mean - mean) / step).toBeLessThan(0.01);
      expect(Math.abs(at(run, hours).centre - centre) / step).toBeLessThan(0.03);
    });
  });
});

test("in a bath that never weakens what is missing multiplies over the three directions (Carslaw & Jaeger 1.15)", () => {
  const hours = [1, 4, 12, 24, 48, 90];
  const edges = [40, 60, 120];
  const run = ran(brick(edges), [bath(96, Infinity)], hours);
  const alone = edges.map((edge) => ran(slab(edge), [bath(96, Infinity)], hours));
  for (const h of hours) {
    const mean = productFraction(alone.map((one) => at(one, h).mean / 0.06));
    const centre = productFraction(alone.map((one) => at(one, h).centre / 0.06));
    expect(Math.abs(at(run, h).mean / 0.06 - mean)).toBeLessThan(0.004);
    expect(Math.abs(at(run, h).centre / 0.06 - centre)).toBeLessThan(0.012);
  }
});

describe("one direction alone is the engine's own slab", () => {
  const program: Stage[] = [
    bath(8),
    { kind: "freshWater", durationS: 900, diffusivityM2PerS: D, waterRatio: 5, changes: 2 },
    rest(20),
  ];
  test.each<[string, Stage[]]>([
    ["a bath that weakens", [bath(48)]],
    ["a bath through a film", [{ ...bath(48), surfaceTransferMPerS: 2e-7 }]],
    ["dry salt that is used up", [dry(48, 0.02)]],
    ["a bath, two rinses and a rest", program],
    ["a bath with salt undissolved in it", [saturated]],
  ])("%s", (_, stages) => {
    const hours = [1, 4, 8, 16, 24].filter(
      (h) => h * HOUR <= stages.reduce((sum, s) => sum + s.durationS, 0),
    );
    const [own, field] = [ran(slab(40), stages, hours), ran(brick([40]), stages, hours)];
    for (const h of hours) {
      expect(at(field, h).mean).toBeCloseTo(at(own, h).mean, 4);
      expect(at(field, h).centre).toBeCloseTo(at(own, h).centre, 3);
      expect(at(field, h).bath ?? 0).toBeCloseTo(at(own, h).bath ?? 0, 4);
    }
  });
});

describe("laws", () => {
  const edge = fc.integer({ min: 8, max: 160 });
  const edges = fc.tuple(edge, edge, edge);

  test("no salt is lost or made: flesh and bath together hold what they held", () =>
    fc.assert(
      fc.property(edges, fc.double({ min: 0.2, max: 20, noNaN: true }), (all, ratio) => {
        const run = ran(brick(all), [bath(48, ratio)], [2, 30]);
        for (const h of [2, 30])
          expect(at(run, h).mean + ratio * (at(run, h).bath ?? NaN)).toBeCloseTo(ratio * 0.06, 12);
      }),
      { numRuns: 15 },
    ));

  test("shells, weighed by their volumes, are the mean", () =>
    fc.assert(
      fc.property(edges, (all) => {
        const run = ran(brick(all), [dry(10, 0.02)], [3]);
        const { perWater, mean } = at(run, 3);
        const sum = perWater.reduce((total, c, i) => total + c * run.grid.volumes[i], 0);
        expect(sum).toBeCloseTo(mean, 12);
      }),
      { numRuns: 15 },
    ));

  test("the cut through the middle: saltiest at its corners, plainest in the middle, and fainter under skin", () => {
    const run = ran(brick([40, 60, 120]), [bath(6)], [6]);
    const { section: grid } = run;
    const section = sectionAt(run, 6 * HOUR);
    if (!grid || !section) throw new Error("no cut");
    const columns = grid.across.length - 1;
    const rows = grid.deep.length - 1;
    const [middle, corner] = [section[0], section[rows * columns - 1]];
    const [upper, side] = [section[(rows - 1) * columns], section[columns - 1]];
    expect(Math.max(...section)).toBe(corner);
    expect(Math.min(...section)).toBe(middle);
    expect(Math.min(upper, side)).toBeGreaterThan(middle);

    const skinned = ran(brick([40, 60, 120], 8), [bath(6)], [6]);
    const cut = sectionAt(skinned, 6 * HOUR);
    if (!skinned.section || !cut) throw new Error("no cut");
    expect(skinned.section.deep[0]).toBe(-1);
    const last = skinned.section.deep.length - 2;
    expect(cut[0]).toBeLessThan(cut[last * columns]);
  });

  test("a piece wetted at its sides takes more than a slab, and the smaller the sides the more", () => {
    const hours = [4];
    const means = [1000, 200, 80, 40].map(
      (side) => at(ran(brick([40, side, side]), [bath(10)], hours), 4).mean,
    );
    for (let i = 1; i < means.length; i++) expect(means[i]).toBeGreaterThan(means[i - 1]);
    expect(means[0]).toBeCloseTo(at(ran(slab(40), [bath(10)], hours), 4).mean, 3);
  });

  test("skin on one face lies between bare and skin on both; thicker skin lets less in", () => {
    const mean = (body: Body, transfer?: number) =>
      at(ran(body, [{ ...bath(10), ...(transfer && { surfaceTransferMPerS: transfer }) }], [4]), 4).mean;
    const bareMean = mean(brick([24]));
    const both = mean(brick([24]), D / 0.004);
    const one = mean(brick([24], 4));
    expect(one).toBeLessThan(bareMean);
    expect(one).toBeGreaterThan(both);
    expect(one).toBeCloseTo((bareMean + both) / 2, 3);
    expect(mean(brick([24], 8))).toBeLessThan(one);
  });

  test("a short log takes more than a long one of the same width", () => {
    const log = (mm: number): Body => ({
      shape: "cylinder",
      halfThicknessM: 0.02,
      solid: [{ kind: "radius", halfM: 0.02, barrierM: 0 }, bare(mm)],
    });
    const [short, long] = [60, 2000].map((mm) => at(ran(log(mm), [bath(10)], [4]), 4).mean);
    expect(short).toBeGreaterThan(long * 1.1);
    expect(long).toBeCloseTo(
      at(ran({ shape: "cylinder", halfThicknessM: 0.02 }, [bath(10)], [4]), 4).mean,
      3,
    );
  });

  test("two sizes in one bath share its salt", () => {
    const bodies = [
      { ...brick([20, 40, 60]), share: 0.3 },
      { ...slab(60), share: 0.7 },
    ];
    const result = simulateSharedSoak(bodies, [bath(24)], { outputTimesS: [6 * HOUR] });
    if (!result.ok) throw new Error(result.error.field);
    const [small, large] = result.value.map((run) => at(run, 6));
    expect(small.mean).toBeGreaterThan(large.mean);
    expect(0.3 * small.mean + 0.7 * large.mean + 1.5 * (small.bath ?? NaN)).toBeCloseTo(1.5 * 0.06, 12);
  });
});
