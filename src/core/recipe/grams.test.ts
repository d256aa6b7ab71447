import { findIngredient, findSalt, INGREDIENTS, SALTS } from "../materials/lookup";
import { USUAL_WORDS } from "../quantity/words";
import { gramsOf, type Measured } from "./grams";
import { readLine } from "./read-line";

const salt = (id: string): Measured => {
  const found = findSalt(id);
  if (!found) throw new Error(id);
  return { kind: "salt", salt: found };
};
const thing = (id: string): Measured => {
  const ingredient = findIngredient(id);
  if (!ingredient) throw new Error(id);
  return { kind: "ingredient", ingredient };
};
const grams = (line: string, of: Measured, foodG = 1000) =>
  gramsOf(readLine(line, "us").amount, of, USUAL_WORDS, foodG);

/** USDA FoodData Central household measures, *from memory*: what a measure of it weighs, g. */
describe("a measure weighs what the tables say", () => {
  test.each([
    ["1 cup granulated sugar", "sugar_white", 200],
    ["1 tbsp honey", "honey", 21],
    ["1 cup buttermilk", "buttermilk", 245],
    ["1 tbsp soy sauce", "soy_sauce", 18],
    ["1 cup water", "water", 237],
    ["1 tbsp olive oil", "olive_oil", 13.5],
    ["1 tsp paprika", "paprika", 2.3],
    ["1 tbsp lemon juice", "lemon_juice", 15],
  ])("%s", (line, id, expected) => {
    const read = grams(line, thing(id));
    expect(read?.by).toBe("spoon");
    expect(Math.abs((read?.grams ?? 0) / expected - 1)).toBeLessThan(0.12);
    expect(read?.low).toBeLessThanOrEqual(read?.grams ?? 0);
    expect(read?.high).toBeGreaterThanOrEqual(read?.grams ?? 0);
  });

  test.each([
    ["1 tbsp fine salt", "table_fine", 18],
    ["1 tsp fine salt", "table_fine", 6],
  ])("%s", (line, id, expected) =>
    expect(Math.abs((grams(line, salt(id))?.grams ?? 0) / expected - 1)).toBeLessThan(0.1),
  );
});

describe("amounts that are no measure", () => {
  test("nothing said is nothing guessed", () => expect(grams("honey", thing("honey"))).toBeUndefined());
  test("salt is not counted in pieces", () => expect(grams("3 salts", salt("sea_fine"))).toBeUndefined());
  test("to taste grows with the food, a pinch does not", () => {
    const taste = (foodG: number) => grams("salt to taste", salt("sea_fine"), foodG)?.grams ?? 0;
    expect(taste(4000)).toBeCloseTo(taste(1000) * 4, 6);
    const pinch = (foodG: number) => grams("a pinch of salt", salt("sea_fine"), foodG)?.grams ?? 0;
    expect(pinch(4000)).toBe(pinch(1000));
    expect(pinch(1000)).toBeGreaterThan(0.1);
    expect(pinch(1000)).toBeLessThan(1);
  });
  test("a range keeps both ends and is worked from its middle", () =>
    expect(grams("2 to 4 cloves garlic", thing("garlic_clove"))).toMatchObject({
      low: 8,
      high: 16,
      grams: 12,
      by: "pieces",
    }));
  test("a thing with no spoon density is said to be a guess", () => {
    const unknown = INGREDIENTS.find((i) => i.densityGPerMl === null);
    expect(unknown && grams("2 tbsp of it", { kind: "ingredient", ingredient: unknown })?.by).toBe("guess");
  });
});

test("a weight is a weight, of whatever it is", () => {
  for (const ingredient of INGREDIENTS)
    expect(grams("250 g of it", { kind: "ingredient", ingredient })).toMatchObject({
      grams: 250,
      by: "scale",
    });
  for (const of of SALTS) expect(grams("250 g of it", { kind: "salt", salt: of })?.grams).toBe(250);
});
