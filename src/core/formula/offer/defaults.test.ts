import { findFood, findIngredient, findSalt } from "../../materials/lookup";
import type { Food, Ingredient, Salt } from "../../materials/types";
import { chops } from "../formulation.fixture";
import { countOffered, nameOffered, newFormulation, piecesOffered, portionsOffered } from "./defaults";
import { withHeat, withOwn } from "./with-own";

/* What a food comes with, and what of a kitchen a formula carries: by hand. */

function need<T>(found: T | undefined): T {
  if (found === undefined) throw new Error("table");
  return found;
}
const chop: Food = {
  ...need(findFood("pork_chop_boneless")),
  shape: "slab",
  form: "boneless piece",
  pieceMassG: 200,
  thicknessMm: 25,
  saltPathMm: 12.5,
  boneFraction: 0,
};

describe("pieces as the table has them", () => {
  test("so many of the table's own weight, in its shape and thickness, nothing done to them", () => {
    expect(piecesOffered(chop, 3)).toEqual({
      count: 3,
      totalMassG: 600,
      shape: "block",
      thicknessMm: 25,
      bone: false,
      skin: chop.skin,
      faces: "both",
      slashDepthMm: 0,
      slashSpacingMm: 25,
      enhanced: null,
    });
    expect(piecesOffered(chop).count).toBe(1);
  });

  test("cut all about it is a block, unless it is so wide that its sides count for nothing, or whole", () => {
    const shape = (change: Partial<Food>) => piecesOffered({ ...chop, ...change }).shape;
    // 200 g of 25 mm is 110 × 69 mm; of 8 mm 195 × 122, fifteen times as wide as thick.
    expect([
      shape({}),
      shape({ thicknessMm: 8 }),
      shape({ form: "whole" as Food["form"] }),
      shape({ shape: "cylinder" }),
    ]).toEqual(["block", "slab", "slab", "cylinder"]);
    // Six times as wide as thick from here on: √(m/(1.05·1.6·t)) = 6 t at t³ = m / (1.05 · 1.6 · 36).
    const turn = Math.cbrt((200 * 1000) / (1.05 * 1.6 * 36));
    expect([shape({ thicknessMm: turn * 1.001 }), shape({ thicknessMm: turn * 0.999 })]).toEqual([
      "block",
      "slab",
    ]);
  });

  test("salt goes through one face where its way is over three quarters of the thickness; bone from a twentieth", () => {
    const of = (change: Partial<Food>) => piecesOffered({ ...chop, ...change });
    expect([18.75, 18.76].map((saltPathMm) => of({ saltPathMm }).faces)).toEqual(["both", "one"]);
    expect(of({ shape: "cylinder", saltPathMm: 25 }).faces).toBe("both");
    expect([0.05, 0.051].map((boneFraction) => of({ boneFraction }).bone)).toEqual([false, true]);
  });

  test("a joint alone, small pieces by the handful, from 700 g", () => {
    expect([699, 700].map((pieceMassG) => countOffered({ pieceMassG }))).toEqual([4, 1]);
  });

  test("portions between a light and a hearty one, one at least", () => {
    const food = { ...chop, servingLightG: 100, servingHeartyG: 200 };
    expect([1500, 1570, 10].map((totalMassG) => portionsOffered(food, { totalMassG }))).toEqual([10, 10, 1]);
    expect(portionsOffered(food, { totalMassG: 1580 })).toBe(11);
  });

  test("an empty Bench is a covered brine in a fridge of 3 °C, under a plate, for a day", () => {
    const f = newFormulation(chop);
    expect(f).toMatchObject({
      name: nameOffered(chop, "equilibrium"),
      notes: "",
      salt: { mode: "wanted" },
      water: { mode: "toCover" },
      sugarPerSalt: 0,
      lines: [],
      holding: { place: "fridge", temperatureC: 3, brineStartC: 3, before: "patDry", covered: true },
      readiness: "seasoned",
      pullH: 24,
    });
    expect(f.vessel).toMatchObject({ plate: true, material: "food_plastic" });
    expect(f.pieces).toEqual(piecesOffered(chop, 4));
    expect(nameOffered({ name: "pork loin chop, boneless" }, "dry")).toBe("Pork loin chop dry brine");
  });
});

describe("the kitchen's own entries that a formula names", () => {
  const own = <T extends { id: string }>(entry: T, id: string, name: string): T => ({ ...entry, id, name });
  const food = (name: string) => own<Food>(chop, "own_food", name);
  const salt = (name: string) => own<Salt>(need(findSalt("pickling")), "own_salt", name);
  const soy = (id: string, name = id) => own<Ingredient>(need(findIngredient("soy_sauce")), id, name);
  const f = chops({
    foodId: "own_food",
    saltId: "own_salt",
    sugarId: "own_sugar",
    lines: [{ ingredientId: "own_soy", amountG: 5, scalesWith: "foodMass", optional: false }],
  });

  test("are carried, as they are now; others are left behind", () => {
    const kitchen = {
      foods: [food("now"), own(chop, "another", "x")],
      salts: [salt("now"), own(need(findSalt("pickling")), "another", "x")],
      ingredients: [soy("own_soy"), soy("own_sugar"), soy("another")],
    };
    const carried = withOwn(f, kitchen);
    expect(carried.own).toEqual({
      foods: [food("now")],
      salts: [salt("now")],
      ingredients: [soy("own_soy"), soy("own_sugar")],
    });
    // The kitchen's goes before what was brought under the same name.
    const brought = {
      ...f,
      own: { foods: [food("then")], ingredients: [soy("own_soy", "then"), soy("own_sugar", "brought")] },
    };
    expect(withOwn(brought, { foods: [food("now")], ingredients: [soy("own_soy")] }).own).toEqual({
      foods: [food("now")],
      ingredients: [soy("own_soy"), soy("own_sugar", "brought")],
    });
    expect(withOwn(brought, {}).own).toEqual(brought.own);
  });

  test("nothing named, nothing carried: not an empty list either", () => {
    const plain = withOwn(
      { ...chops(), own: { foods: [food("x")] } },
      { foods: [food("y")], salts: [salt("z")], ingredients: [soy("w")] },
    );
    expect(plain).not.toHaveProperty("own");
    expect(withOwn(f, { salts: [salt("now")] }).own).toEqual({ salts: [salt("now")] });
  });

  test("heat is this kitchen's, or none", () => {
    const foreign = { ...chops(), heatHere: { ovenOffC: 9 } };
    expect(withHeat(foreign, {})).not.toHaveProperty("heatHere");
    expect(withHeat(foreign, { ovenOffC: -4 }).heatHere).toEqual({ ovenOffC: -4 });
    expect(withOwn(foreign, {}, { ovenOffC: 5 }).heatHere).toEqual({ ovenOffC: 5 });
  });
});
