import fc from "fast-check";
import { outcomeAt } from "../formula/account/outcome";
import { formulate } from "../formula/formulate";
import { newFormulation } from "../formula/offer/defaults";
import { withPreparation } from "../formula/offer/offered";
import type { Formulation } from "../formulation";
import { findFood } from "../materials/lookup";
import type { PreparationChoice } from "../preparations";
import { yieldOf } from "./yield";

function of(foodId: string, choice: PreparationChoice, change: Partial<Formulation> = {}) {
  const food = findFood(foodId);
  if (!food) throw new Error(foodId);
  const input = { ...withPreparation(newFormulation(food), choice), ...change };
  const sheet = formulate(input);
  if (!sheet.ok) throw new Error(sheet.error.code);
  const found = yieldOf(input, sheet.value, outcomeAt(sheet.value, input.pullH, input.portions));
  return { found, foodG: sheet.value.foodG };
}

function sure(foodId: string, choice: PreparationChoice, change: Partial<Formulation> = {}) {
  const { found, foodG } = of(foodId, choice, change);
  if (!found) throw new Error("no yield");
  return { ...found, foodG };
}

const at5 = (pullH: number): Partial<Formulation> => ({
  preparation: {
    kind: "wetBrine",
    school: "timed",
    strength: { basis: "percent", saltFraction: 0.05 },
    targetFraction: 0.014,
  },
  pullH,
});

describe("common practice, no source: what brined meat weighs", () => {
  test("a night in 5 % adds 3 to 9 % to chops", () => {
    const { takenOutG, foodG } = sure("pork_chop_boneless", "timed", at5(12));
    expect(takenOutG.likely / foodG - 1).toBeGreaterThan(0.03);
    expect(takenOutG.likely / foodG - 1).toBeLessThan(0.09);
    expect(takenOutG.low).toBeLessThan(takenOutG.likely);
    expect(takenOutG.high).toBeGreaterThan(takenOutG.likely);
  });

  test("a cure and a very strong bath draw water out", () => {
    const cured = sure("mackerel_fillet", "cure");
    expect(cured.takenOutG.likely).toBeLessThan(cured.foodG);
    const strong = at5(2).preparation;
    if (strong?.kind !== "wetBrine" || strong.school !== "timed") throw new Error("timed");
    const bath = sure("pork_chop_boneless", "timed", {
      preparation: { ...strong, strength: { basis: "percent", saltFraction: 0.24 } },
      pullH: 2,
    });
    expect(bath.takenOutG.likely).toBeLessThan(bath.foodG);
  });

  test("uncovered on a rack it dries by 1 to 5 % in a day, covered not at all", () => {
    const open = sure("duck_leg", "dry", { pullH: 24 });
    const share = 1 - open.takenOutG.likely / open.foodG;
    const { holding } = newFormulation(findFood("duck_leg") ?? fail());
    const shut = sure("duck_leg", "dry", { pullH: 24, holding: { ...holding, covered: true } });
    expect(share).toBeGreaterThan(0);
    expect(share).toBeLessThan(0.05);
    expect(shut.takenOutG.likely).toBeGreaterThan(open.takenOutG.likely);
  });

  test("at 1.3 % put in, a sixth less is lost in the heat; further done, more is lost", () => {
    const { lost, lostUnsalted } = sure("pork_chop_boneless", "dry", { pullH: 24 });
    expect(lost.likely / lostUnsalted.likely).toBeGreaterThan(0.78);
    expect(lost.likely / lostUnsalted.likely).toBeLessThan(0.9);
    const cook = { minutes: 20, restMin: 5 };
    const to = (toC: number) => sure("pork_chop_boneless", "dry", { cook: { ...cook, toC } }).lost.likely;
    expect(to(58)).toBeLessThan(to(63));
    expect(to(63)).toBeLessThan(to(71));
  });
});

test("more hours in a weak brine never weigh less, and nothing leaps", () => {
  fc.assert(
    fc.property(fc.double({ min: 0.5, max: 40, noNaN: true }), (hours) => {
      const [now, later] = [hours, hours * 1.01].map((h) => sure("pork_chop_boneless", "timed", at5(h)));
      const grown = later.takenOutG.likely - now.takenOutG.likely;
      return grown >= -1e-6 && grown < 0.002 * now.foodG && later.lost.likely <= now.lost.likely + 1e-9;
    }),
    { seed: 12, numRuns: 15 },
  );
});

test("nothing is said of roots, cheese and what bakes in a crust", () => {
  expect(of("celeriac", "dry").found).toBeUndefined();
  expect(of("paneer", "marinade").found).toBeUndefined();
  expect(of("grey_mullet_whole", "crust").found).toBeUndefined();
});

function fail(): never {
  throw new Error("food table");
}
