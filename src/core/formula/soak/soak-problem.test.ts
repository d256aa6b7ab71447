import { diffusivityAt, SKIN_EQUIVALENT_MM } from "../../diffusion/flesh-body";
import { saltPerWater, saturationFraction } from "../../solution/sodium-chloride";
import type { Formulation } from "../../formulation";
import { chops, timedChops, worked } from "../formulation.fixture";
import { AS_LIKELY, reducedProblem, soakProblem, startOf, wayFelt, type SoakLoad } from "./soak-problem";

/* The engine's own terms for a formula, by hand from what was weighed. */

const flat = (f: Formulation, pieces: Partial<Formulation["pieces"]> = {}): Formulation => ({
  ...f,
  pieces: { ...f.pieces, shape: "slab", faces: "both", skin: false, ...pieces },
});
const of = (f: Formulation, change: Partial<SoakLoad> = {}, vary = AS_LIKELY) => {
  const { load } = worked(f);
  return { load, problem: soakProblem(f, { ...load, ...change }, vary) };
};
const brine = flat(timedChops(0.06));
const dry = flat(chops({ preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "allFaces" } }));

test("diffusivity: the table's, by the kitchen's readings, at the temperature it is held at", () => {
  const { load, problem } = of(brine);
  const at = (rateFactor: number, diffusivityFactor: number) =>
    of(brine, { rateFactor }, { ...AS_LIKELY, diffusivityFactor }).problem.diffusivityM2PerS;
  expect(problem.diffusivityM2PerS).toBeCloseTo(diffusivityAt(load.food.diffusivityM2PerS, 3), 20);
  expect(at(1.5, 1) / at(1, 1)).toBeCloseTo(1.5, 12);
  expect(at(1, 0.8) / at(1, 1)).toBeCloseTo(0.8, 12);
  const warm = { ...brine, holding: { ...brine.holding, temperatureC: 10, brineStartC: 10 } };
  expect(of(warm).problem.diffusivityM2PerS).toBeCloseTo(diffusivityAt(load.food.diffusivityM2PerS, 10), 20);
});

test("a bath: its water over the flesh's, its salt over its water, the flesh with its own salt", () => {
  const { load, problem } = of(brine);
  const fleshWaterG = load.flesh.massG * load.flesh.waterFraction;
  expect(problem.stage).toMatchObject({
    kind: "bath",
    waterRatio: expect.closeTo(load.waterG / fleshWaterG, 12),
    saltPerWater: expect.closeTo(load.saltG / load.waterG, 12),
    durationS: 96 * 3600,
  });
  expect(problem.stage).not.toHaveProperty("undissolvedPerFleshWater");
  expect(problem.initialPerWater).toBeCloseTo(load.flesh.nativeSaltFraction / load.flesh.waterFraction, 12);
  const stronger = of(brine, {}, { ...AS_LIKELY, strengthFactor: 1.1 }).problem.stage;
  expect(stronger).toMatchObject({ saltPerWater: expect.closeTo((1.1 * load.saltG) / load.waterG, 12) });
});

test("past saturation the rest lies in the bath and feeds it", () => {
  const { load } = of(brine);
  const saturated = saltPerWater(saturationFraction(3));
  const saltG = 1.5 * saturated * load.waterG;
  expect(of(brine, { saltG }).problem.stage).toMatchObject({
    saltPerWater: expect.closeTo(saturated, 12),
    undissolvedPerFleshWater: expect.closeTo(
      (saltG - saturated * load.waterG) / (load.flesh.massG * load.flesh.waterFraction),
      12,
    ),
  });
});

test("dry salt: by the flesh's water, under a saturated film; more on one face is told to the engine", () => {
  const { load, problem } = of(dry);
  const perFleshWater = load.saltG / (load.flesh.massG * load.flesh.waterFraction);
  expect(problem.stage).toMatchObject({
    kind: "drySalt",
    saltPerFleshWater: expect.closeTo(perFleshWater, 12),
    saturatedPerWater: expect.closeTo(saltPerWater(saturationFraction(3)), 12),
  });
  expect(problem.stage).not.toHaveProperty("upperShare");
  expect(problem.body.solid).toBeUndefined();
  const more = of({
    ...dry,
    preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "moreOnOne" },
  }).problem;
  expect(more.stage).toMatchObject({ upperShare: 0.6 });
  expect(more.body.solid).toHaveLength(1);
  expect(reducedProblem(more).body.solid).toBeUndefined();
  expect(reducedProblem(problem)).toBe(problem);
});

test("a thickness in doubt by so much is never under half of what was said", () => {
  const felt = (thickerMm: number) => wayFelt(brine, { contact: { kind: "bath" } }, thickerMm);
  expect([felt(0), felt(2), felt(-2), felt(-40)]).toEqual([25, 27, 23, 12.5]);
  const body = (thickerMm: number) => of(brine, {}, { ...AS_LIKELY, thickerMm }).problem.body.halfThicknessM;
  expect([body(0), body(2), body(-40)]).toEqual([0.0125, 0.0135, 0.00625].map((m) => expect.closeTo(m, 9)));
  // How far apart a hand stabs is off by its own share: a sixth for what 2 mm are to a thickness.
  const within = { contact: { kind: "within", spacingMm: 20 } } as unknown as Pick<SoakLoad, "contact">;
  expect(wayFelt(brine, within, 2)).toBeCloseTo(20 * Math.exp(0.15), 9);
  expect(wayFelt(brine, within, -2)).toBeCloseTo(20 / Math.exp(0.15), 9);
});

test("one face: salted on one, or lying on the other, is twice the way; skin is four millimetres of flesh", () => {
  const half = (f: Formulation) => of(f).problem.body.halfThicknessM;
  const oneFace = {
    ...dry,
    preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "oneFace" },
  } as Formulation;
  expect([half(dry), half(oneFace), half(flat(dry, { faces: "one" }))]).toEqual(
    [0.0125, 0.025, 0.025].map((m) => expect.closeTo(m, 9)),
  );
  const skinned = of(flat(brine, { skin: true })).problem.body;
  expect(skinned.solid?.[0]).toMatchObject({ kind: "full", otherBarrierM: SKIN_EQUIVALENT_MM / 1000 });
});

test("salt that lies in the middle at first, by shells: all within its share, none without", () => {
  const problem = { ...of(brine).problem, initialPerWater: 0.01, core: { share: 0.25, perWater: 0.09 } };
  const start = startOf(problem) as (from: number, to: number) => number;
  expect([start(0, 0.5), start(0.5, 1), start(0, 1)]).toEqual(
    [0.09, 0.01, 0.03].map((u) => expect.closeTo(u, 12)),
  );
  expect(start(0.25, 0.75)).toBeCloseTo(0.01 + ((0.25 - 0.0625) / (0.5625 - 0.0625)) * 0.08, 12);
  expect(startOf({ ...problem, core: undefined })).toBe(0.01);
});
