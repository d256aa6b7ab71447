import { outcomeAt } from "../formula/account/outcome";
import { chops, worked } from "../formula/formulation.fixture";
import { piecesOffered } from "../formula/offer/defaults";
import type { FormulaLine, Formulation } from "../formulation";
import { FOODS, INGREDIENTS } from "../materials/lookup";
import { findingsFor } from "./findings";
import type { Eater } from "./limits";

const INFANT: Eater = {
  id: "baby",
  name: "the baby",
  avoids: ["milk", "eggs", "fish"],
  sodiumMg: 400,
  infant: true,
  atRisk: true,
  noAlcohol: true,
  mostHeat: "gentle",
};

function found(input: Formulation): string[] {
  const sheet = worked(input);
  return findingsFor({
    input,
    sheet,
    atPull: outcomeAt(sheet, input.pullH, input.portions),
    kitchen: { eaters: [INFANT], fridge: null, thermometer: false },
  }).map((f) => f.id);
}

const line = (ingredientId: string, amountG: number): FormulaLine => ({
  ingredientId,
  amountG,
  scalesWith: "foodMass",
  optional: false,
});

/** Neither id nor name says what it is. */
const unnamed = <T extends { id: string; name: string }>(row: T): T => ({ ...row, id: "own-1", name: "x" });

describe("the same thing entered as the kitchen's own raises the same findings", () => {
  test.each(FOODS.map((food) => [food.id, food] as const))("%s", (id, food) => {
    const dish = (foodId: string): Formulation => ({
      ...chops(),
      foodId,
      // No finding hangs on the shape; a slab is quick.
      pieces: { ...piecesOffered(food, 2), shape: "slab", daysRaw: 3, stuffed: true },
      preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "allFaces" },
      holding: { ...chops().holding, place: "counter", temperatureC: 18, before: "rinse" },
      servedRaw: true,
      pullH: 30,
    });
    const own = { ...dish("own-1"), own: { foods: [unnamed(food)] } };
    expect(found(own)).toEqual(found(dish(id)));
  });

  test.each(INGREDIENTS.map((i) => [i.id, i] as const))("%s", (id, ingredient) => {
    const dish = (ingredientId: string): Formulation => ({
      ...chops(),
      pieces: { ...chops().pieces, shape: "slab" },
      preparation: {
        kind: "marinade",
        targetFraction: 0.012,
        school: "onFoodFirst",
        amount: { mode: "perFood", mlPerKg: 200 },
      },
      lines: [line("olive_oil", 60), line("lemon_juice", 40), line(ingredientId, 30)],
      holding: { ...chops().holding, place: "cooler", temperatureC: 9 },
    });
    const own = { ...dish("own-1"), own: { ingredients: [unnamed(ingredient)] } };
    expect(found(own)).toEqual(found(dish(id)));
  });
});

test("a curing salt is refused by its flag, whatever it is called", () => {
  const [salt] = INGREDIENTS.filter((i) => i.group === "seasoned_salt");
  const own = { ingredients: [{ ...unnamed(salt), flags: ["nitrite" as const] }] };
  expect(found({ ...chops(), lines: [line("own-1", 5)], own })).toContain("curing_salts");
  expect(found({ ...chops(), lines: [line(salt.id, 5)] })).not.toContain("curing_salts");
});
