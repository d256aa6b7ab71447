import { findFood, findIngredient } from "../../materials/lookup";
import { pantryOf } from "../../materials/pantry";
import { chops, perKg as line, worked } from "../formulation.fixture";
import { chilledToC, chillOf } from "./chill-brine";
import { equalSpoons } from "./equal-spoons";
import { doseFor, givenNaclG, saltModeOf } from "./given-salt";
import { lengthProblem, thicknessProblem } from "./plausible";

/* Salt as a cook gives it, sizes a piece can have, and two small sums of the sheet: by hand. */

test("salt as it is given: share of the meat, grams, a level measure, pinches, none; it follows where none is named", () => {
  const salt = { naclFraction: 0.8, densityGPerMl: 1.2 };
  const of = (given: Parameters<typeof givenNaclG>[0]["salt"]) =>
    givenNaclG({ salt: given }, salt, { massG: 1500 });
  expect(of(undefined)).toBeUndefined();
  expect(of({ mode: "wanted" })).toBeUndefined();
  expect(of({ mode: "percent", fraction: 0.012 })).toBe(18);
  expect(of({ mode: "grams", massG: 10 })).toBe(8);
  expect(of({ mode: "measure", volumeMl: 15 })).toBeCloseTo(14.4, 9);
  expect(of({ mode: "pinch", count: 3, eachG: 0.5 })).toBeCloseTo(1.2, 9);
  expect(of({ mode: "none" })).toBe(0);
  expect([saltModeOf({}), saltModeOf({ salt: { mode: "none" } })]).toEqual(["wanted", "none"]);
});

test("a dose for a share of the finished flesh: 1000 g to 1.5 % is 15.23 g, less what it holds, never less than none", () => {
  const flesh = (nativeSaltFraction: number) => ({ massG: 1000, waterFraction: 0.7, nativeSaltFraction });
  expect(doseFor(flesh(0), 0.015)).toBeCloseTo(15 / 0.985, 9);
  expect(doseFor(flesh(0.004), 0.015)).toBeCloseTo(15 / 0.985 - 4, 9);
  expect(doseFor(flesh(0.02), 0.015)).toBe(0);
  // Back again: so much salt in so much flesh is that share.
  const dose = doseFor(flesh(0.004), 0.015);
  expect((dose + 4) / (1000 + dose + 4)).toBeCloseTo(0.015, 12);
});

test("what was given is judged by where it ends, if that is less than was wanted", () => {
  const brine = (massG: number) => worked(chops({ salt: { mode: "grams", massG } })).load.targetPerWater;
  const wanted = worked(chops()).load.targetPerWater;
  expect(brine(500)).toBeCloseTo(wanted, 12);
  expect(brine(5)).toBeLessThan(0.5 * wanted);
});

test("a thickness is taken for a slip under a fifth and over two and a half times what is likely", () => {
  const food = {
    ...(findFood("pork_chop_boneless") ??
      (() => {
        throw new Error("table");
      })()),
    pieceMassG: 200,
    thicknessMm: 20,
  };
  const problem = (thicknessMm: number, totalMassG = 800) =>
    thicknessProblem(food, { count: 4, totalMassG, thicknessMm });
  expect([problem(4), problem(50), problem(20)]).toEqual([undefined, undefined, undefined]);
  expect(problem(3.99)).toEqual({
    code: "thickness_implausible",
    thicknessMm: 3.99,
    likelyMm: 20,
    minMm: 4,
    maxMm: 50,
  });
  expect(problem(50.1)?.maxMm).toBe(50);
  // Eight times the weight is likely to be twice as thick.
  expect(problem(100, 6400)).toBeUndefined();
});

test("a length that was measured: between as narrow as it is thick, and as wide", () => {
  const piece = { shape: "slab", count: 2, totalMassG: 2100, thicknessMm: 50 } as const;
  // 1050 g is 1000 ml: 20 000 mm² on the board at 50 mm.
  expect([50, 400, undefined].map((lengthMm) => lengthProblem({ ...piece, lengthMm }))).toEqual([
    undefined,
    undefined,
    undefined,
  ]);
  expect(lengthProblem({ ...piece, lengthMm: 49.9 })).toEqual({
    code: "length_implausible",
    lengthMm: 49.9,
    minMm: 50,
    maxMm: expect.closeTo(400, 9),
  });
  expect(lengthProblem({ ...piece, lengthMm: 400.1 })?.minMm).toBe(50);
});

describe("equal spoons", () => {
  const pantry = pantryOf(undefined);
  const density = (id: string) => findIngredient(id)?.densityGPerMl ?? NaN;
  const [pepper, herb] = ["pepper_black_ground", "thyme_dried"];

  test("one volume each, together what they weighed", () => {
    const [a, b] = equalSpoons([line(pepper, 10), line(herb, 2)], pantry);
    expect(a.amountG + b.amountG).toBeCloseTo(12, 9);
    expect(a.amountG / density(pepper)).toBeCloseTo(b.amountG / density(herb), 9);
  });

  test("what is poured, in parts, off or by another law keeps its grams; one alone too", () => {
    const others = [
      line("soy_sauce", 30),
      line(herb, 5, { parts: 1 }),
      line(herb, 6, { off: true }),
      line(herb, 7, { scalesWith: "batch" }),
    ];
    expect(equalSpoons([line(pepper, 10), ...others], pantry)).toEqual([line(pepper, 10), ...others]);
    const mixed = equalSpoons([line(pepper, 10), line(herb, 2), ...others], pantry);
    expect(mixed.slice(2)).toEqual(others);
    expect(mixed[0].amountG).not.toBe(10);
    expect(equalSpoons([line("no_such", 1)], pantry)).toEqual([line("no_such", 1)]);
  });
});

describe("a brine made hot and chilled", () => {
  test("to fridge cold, or to its own start where that is colder", () => {
    const at = (brineStartC: number) => chilledToC({ holding: { ...chops().holding, brineStartC } });
    expect([at(3), at(4), at(20)]).toEqual([3, 4, 4]);
  });

  test("hot water, ice and salt are all the brine, and end where they are wanted", () => {
    const f = chops({ water: { mode: "chosen", massG: 3000 } });
    const sheet = worked(f);
    const made =
      chillOf(f, sheet) ??
      (() => {
        throw new Error("no brine");
      })();
    expect(made.hotWaterKg * 1000 + made.iceG).toBeCloseTo(3000, 3);
    expect(made.shortG).toBeCloseTo(0, 6);
    expect(made.end.temperatureC).toBeCloseTo(3, 1);
    // Half the ice there is: so much is short, and it ends warmer.
    const half = chillOf(f, sheet, { iceG: made.iceG / 2 });
    expect(half?.shortG).toBeCloseTo(made.iceG / 2, 3);
    expect(half?.end.temperatureC ?? 0).toBeGreaterThan(15);
    const dry = chops({ preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "allFaces" } });
    expect(chillOf(dry, worked(dry))).toBeUndefined();
    expect(chillOf(f, { ...sheet, liquids: { plainG: 0, otherG: 500 } })).toBeUndefined();
  });
});
