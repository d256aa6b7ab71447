import { diffusivityAt, SKIN_EQUIVALENT_MM } from "../../diffusion/flesh-body";
import type { Readiness } from "../../diffusion/readiness";
import type { Formulation } from "../../formulation";
import { chops, timedChops, worked } from "../formulation.fixture";
import { aimOf, soakAimOf } from "./aim";
import { drawsOf } from "./draws";
import { ensembleSteps, ensembleWindow, sensitivities } from "./ensemble";
import { rinsedMoment } from "./rinse";
import { computeSoak, diffusivityDoubt, spreadOf } from "./soak";
import { reachHours } from "./course";
import { soakProblem, type SoakLoad } from "./soak-problem";

const pieces = { ...chops().pieces, shape: "slab" as const };
const brine = timedChops(0.06, { pieces, pullH: 8 });
const { load } = worked(brine);
const dry = chops({
  pieces,
  pullH: 8,
  preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "allFaces" },
});
const soaked = (f: Formulation, of: SoakLoad = worked(f).load, readAtH?: number[]) => {
  const soak = computeSoak(f, of, readAtH);
  if (!soak.ok) throw new Error(soak.error.field);
  return soak.value;
};

describe("what the soak is to come to", () => {
  const aim = (kind: "bath" | "drySalt" | "within", readiness: Readiness, excess = false) =>
    soakAimOf({ ...brine, readiness }, { ...load, contact: { kind } as SoakLoad["contact"], excess });

  test.each([
    ["bath", "outside", false, { readiness: "outside", dry: false }],
    ["bath", "even", false, { readiness: "even", dry: false }],
    ["drySalt", "outside", false, { readiness: "outside", dry: true }],
    ["drySalt", "seasoned", true, { readiness: "seasoned", dry: false }],
    ["within", "outside", false, { readiness: "seasoned", dry: true, leanAtFace: true }],
    ["within", "even", true, { readiness: "even", dry: true, leanAtFace: true }],
  ] as const)("%s, %s, excess %p", (kind, readiness, excess, wanted) => {
    expect(aim(kind, readiness, excess)).toEqual({ targetPerWater: load.targetPerWater, ...wanted });
  });
});

describe("what a rinse leaves, by how long it had stood", () => {
  const rinsed = { ...brine, rinse: { minutes: 30 } };
  const kept = aimOf(rinsed, load).kept;
  const at = (hours: number) => kept?.(hours * 3600) ?? { whole: NaN, outerThird: NaN };

  test("as the rinse itself has it, the outer third losing most", () => {
    for (const hours of [1, 4, 8]) {
      expect(at(hours).whole).toBeCloseTo(rinsedMoment(worked(brine), hours, 30).kept, 2);
      expect(at(hours).outerThird).toBeLessThan(at(hours).whole);
    }
    expect(at(1).whole).toBeLessThan(at(8).whole);
  });

  test("between the hours that were tried it goes with the root of time", () => {
    const part = (Math.sqrt(6) - 2) / (Math.sqrt(8) - 2);
    expect(at(6).whole).toBeCloseTo(at(4).whole + part * (at(8).whole - at(4).whole), 9);
    expect(at(6).outerThird).toBeCloseTo(at(4).outerThird + part * (at(8).outerThird - at(4).outerThird), 9);
    expect(at(0)).toEqual(at(1 / 60));
    expect(at(200)).toEqual(at(96));
    expect(at(1 / 60)).not.toEqual(at(1 / 4));
    expect(at(32)).not.toEqual(at(96));
  });

  test("with no salt anywhere all of it is kept; without a rinse nothing is asked", () => {
    const plain = { ...load, saltG: 0, flesh: { ...load.flesh, nativeSaltFraction: 0 } };
    expect(aimOf(rinsed, plain).kept?.(3600)).toEqual({ whole: 1, outerThird: 1 });
    expect(aimOf(brine, load)).not.toHaveProperty("kept");
    expect(aimOf({ ...brine, rinse: { minutes: 0 } }, load)).not.toHaveProperty("kept");
  });
});

describe("how quick and how slow it may be, at one standard deviation", () => {
  test("by thickness squared over diffusivity: 23 and 27 mm over 25, and half-way to the table's limits", () => {
    const doubt = Math.exp(Math.log(load.food.diffusivityHighM2PerS / load.food.diffusivityLowM2PerS) / 4);
    expect(diffusivityDoubt(load.food)).toBeCloseTo(Math.log(doubt), 12);
    const spread = spreadOf(brine, load);
    expect(spread.quick).toBeCloseTo((23 / 25) ** 2 / doubt, 9);
    expect(spread.slow).toBeCloseTo((27 / 25) ** 2 * doubt, 9);
    expect(soaked(brine).spread).toEqual(spread);
  });

  test("the soft edges are the likely hour times them, within the rail", () => {
    const { window, spread } = soaked(brine);
    const { early, likely = NaN, late } = window.ready;
    expect(early).toBeCloseTo(likely * spread.quick, 9);
    expect(late).toBeCloseTo(likely * spread.slow, 9);
    const thick = timedChops(0.06, { pieces: { ...pieces, thicknessMm: 120, totalMassG: 8000 } });
    expect(soaked(thick).window.ready.late).toBeUndefined();
  });
});

describe("hours until it is reached", () => {
  const problem = soakProblem(brine, load);
  const precise = { cells: 80, stepTolerance: 1e-5 };
  const of = (targetPerWater: number) => ({ ...soakAimOf(brine, load), targetPerWater });

  test("each aim its own, in one run; undefined where not within", () => {
    const [near, far, never] = reachHours(problem, [of(0.01), of(0.02), of(1)], 96, precise);
    expect(near).toBeLessThan(far ?? NaN);
    expect(never).toBeUndefined();
    expect(reachHours(problem, [of(0.02)], 96, precise)).toEqual([far]);
    expect(reachHours(problem, [of(0.02)], (far ?? NaN) * 0.99, precise)).toEqual([undefined]);
    // What is there from the start takes no time.
    expect(reachHours(problem, [of(1e-9)], 96, precise)[0]).toBeLessThan(0.02);
  });

  test("as the sheet's own window has it", () => {
    const [ready] = reachHours(problem, [soakAimOf(brine, load)], 96, precise);
    expect(ready).toBeCloseTo(soaked(brine).window.ready.likely ?? NaN, 1);
  });
});

describe("pieces of another size", () => {
  const alongside = [
    { count: 4, totalMassG: 300, thicknessMm: 12 },
    { count: 2, totalMassG: 100, thicknessMm: 20 },
  ];

  test("in a bath by their share of the flesh, each ready at its own hour", () => {
    const f = { ...brine, alongside };
    const of = worked(f);
    const soak = of.soak;
    expect(soak.alongside.map((a) => a.share)).toEqual([
      expect.closeTo((1 - of.load.mainShare) * 0.75, 12),
      expect.closeTo((1 - of.load.mainShare) * 0.25, 12),
    ]);
    const [thin, middle] = soak.alongside.map((a) => a.readyH ?? NaN);
    expect(thin).toBeLessThan(middle);
    expect(middle).toBeLessThan(soak.window.ready.likely ?? NaN);
  });

  test("dry, each has its own dose: alone it is as it is beside others", () => {
    const both = worked({ ...dry, alongside: alongside.slice(0, 1) }).soak;
    const alone = worked({ ...dry, pieces: { ...pieces, thicknessMm: 12 } }).soak;
    const last = (run: typeof alone.run) => run.moments.at(-1);
    expect(last(both.alongside[0].run)?.centre).toBeCloseTo(last(alone.run)?.centre ?? NaN, 5);
  });
});

test("read at some hours only, it is run no further than the last of them", () => {
  const soak = soaked(brine, load, [8, 2]);
  expect(soak.run.moments.map((m) => Math.round(m.timeS / 36) / 100)).toEqual(expect.arrayContaining([2, 8]));
  expect(soak.run.moments.at(-1)?.timeS).toBeCloseTo(8 * 3600, 6);
  const whole = soaked(brine);
  expect(whole.run.moments.at(-1)?.timeS).toBeCloseTo(96 * 3600, 6);
  expect(soak.run.moments.at(-1)?.mean).toBeCloseTo(
    worked(brine).soak.run.moments.find((m) => m.timeS >= 8 * 3600)?.mean ?? NaN,
    3,
  );
});

describe("the ensemble", () => {
  test("of a soak whose hours go with thickness squared over the rate: its sixth and five sixths", () => {
    const { window, members } = ensembleWindow(brine, load);
    expect(members).toBe(500);
    const likely = soaked(brine).window.ready.likely ?? NaN;
    const doubt = diffusivityDoubt(load.food);
    // Without the strength's own doubt: what thickness and rate alone do, draw by draw.
    const hours = drawsOf(500)
      .map(({ thickness, rate }) => likely * (1 + (2 * thickness) / 25) ** 2 * Math.exp(-doubt * rate))
      .sort((a, b) => a - b);
    expect(window.ready.likely).toBeCloseTo(hours[250], 0);
    expect((window.ready.early ?? NaN) / hours[83]).toBeCloseTo(1, 1);
    expect((window.ready.late ?? NaN) / hours[416]).toBeCloseTo(1, 1);
  });

  test("nothing is drawn of a crust, nor of what holds no salt", () => {
    const crusted = { ...load, bake: { earlyH: 1, likelyH: 1.2, lateH: 1.5 } as SoakLoad["bake"] };
    expect(ensembleWindow(brine, crusted)).toMatchObject({
      members: 0,
      window: { pastReason: "over_baked" },
    });
    expect(ensembleWindow(brine, { ...load, saltG: 0 })).toMatchObject({ members: 0, window: { ready: {} } });
  });

  test("nine soaks between two looks up", () => {
    const steps = ensembleSteps(brine, load);
    const looks: number[] = [];
    for (let turn = steps.next(); !turn.done; turn = steps.next()) looks.push(turn.value);
    expect(looks).toEqual([1 / 3, 2 / 3, 1]);
  });

  test("what matters most, and by how much each was changed", () => {
    const all = sensitivities(brine, load);
    expect(Object.fromEntries(all.map((s) => [s.input, s.change]))).toEqual({
      thickness: 2,
      diffusivity: -0.2,
      strength: -0.05,
      warmth: 1,
    });
    const likely = soaked(brine).window.ready.likely ?? NaN;
    const more = (input: string) => all.find((s) => s.input === input)?.hoursMore ?? NaN;
    expect(more("diffusivity") / likely).toBeCloseTo(1 / 0.8 - 1, 1);
    expect(more("thickness") / likely).toBeCloseTo((27 / 25) ** 2 - 1, 1);
    const warm = diffusivityAt(1, 3) / diffusivityAt(1, 4);
    expect(more("warmth") / likely).toBeCloseTo(warm - 1, 1);
    expect(sensitivities(brine, { ...load, targetPerWater: 9 })).toEqual([]);
  });
});

test("skin over all faces of a whole fish, on one of a cut piece and of a bird's wall", () => {
  const skinned = { ...brine, pieces: { ...pieces, skin: true } };
  const barriers = (food: Partial<SoakLoad["food"]>) => {
    const { body } = soakProblem(skinned, { ...load, food: { ...load.food, ...food } });
    return { both: body.solid === undefined, one: body.solid?.[0] };
  };
  expect(barriers({ form: "fillet" }).one).toMatchObject({ otherBarrierM: SKIN_EQUIVALENT_MM / 1000 });
  expect(barriers({ form: "whole", kingdom: "bird" }).one).toMatchObject({
    otherBarrierM: SKIN_EQUIVALENT_MM / 1000,
  });
  expect(barriers({ form: "fillet" }).both).toBe(false);
  expect(barriers({ form: "whole", kingdom: "fish_lean" }).both).toBe(true);
});

test("the rind of a joint that is taken as round lies on one side; a limb has its skin all about", () => {
  const round = { ...brine, pieces: { ...pieces, skin: true, shape: "cylinder" as const } };
  const bodyOf = (food: Partial<SoakLoad["food"]>) =>
    soakProblem(round, { ...load, food: { ...load.food, ...food } }).body;
  const skin = SKIN_EQUIVALENT_MM / 1000;
  const joint = bodyOf({ form: "bone-in roast", shape: "irregular" });
  expect(joint.veiled).toEqual({ share: 0.5, barrierM: skin });
  expect(joint.surfaceTransferMPerS).toBe(Infinity);
  const limb = bodyOf({ form: "bone-in piece", shape: "cylinder" });
  expect(limb.veiled).toBeUndefined();
  expect(limb.surfaceTransferMPerS).toBeCloseTo(soakProblem(round, load).diffusivityM2PerS / skin, 12);
  // A short log has its ends besides, and the rind all the same.
  const short = { ...round, pieces: { ...round.pieces, shape: "shortLog" as const } };
  const { body } = soakProblem(short, { ...load, food: { ...load.food, form: "bone-in roast" } });
  expect([body.veiled, body.standIn?.veiled]).toEqual([joint.veiled, joint.veiled]);
});
