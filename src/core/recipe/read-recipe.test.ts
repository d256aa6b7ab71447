import { pantryOf } from "../materials/pantry";
import { USUAL_WORDS } from "../quantity/words";
import { readRecipe } from "./read-recipe";
import { worked } from "./worked";

const OPTIONS = { measures: "us", words: USUAL_WORDS } as const;

const LOIN = `Sunday pork loin

Serves 8

Ingredients
- 1 (2.5 kg) bone-in pork loin roast
- 1 gallon cold water
- 1 cup kosher salt
- ½ cup brown sugar, packed
- 4 cloves garlic, crushed
- 2-3 bay leaves
- a good pinch of chilli flakes
- Juice of 2 lemons
- salt to taste

Method
1. Preheat the oven to 350°F.
2. Dissolve the salt and sugar in the water and brine the pork overnight at room temperature.
3. Pat dry, season with salt again before roasting.
4. Roast in a 425°F oven for 90 minutes until the internal temperature reads 145°F.
5. Rest for 15 minutes.
Total time: 1 hour
`;

describe("a whole recipe", () => {
  const read = readRecipe(LOIN, OPTIONS);
  const line = (text: string) => read.lines.find((l) => l.text.includes(text));

  test("its parts", () => {
    expect(read.recipe.name).toBe("Sunday pork loin");
    expect(read.recipe.serves).toBe(8);
    expect(read.foods[0].id).toBe("pork_loin_bonein");
    expect(read.foodG).toBe(2500);
    expect(read.preparation.choice).toBe("timed");
    expect(read.soak).toMatchObject({ low: 480, high: 720 });
    expect(read.lines).toHaveLength(9);
  });

  test.each([
    ["kosher salt", "salt", "kosher_flake_light"],
    ["brown sugar", "ingredient", "sugar_brown_light"],
    ["garlic", "ingredient", "garlic_clove"],
    ["water", "ingredient", "water"],
    ["chilli flakes", "ingredient", "chilli_flakes"],
    ["lemons", "ingredient", "lemon_juice"],
  ])("“%s” is matched", (text, kind, id) => expect(line(text)?.chosen).toMatchObject({ kind, id }));

  test("grams: two lemons give 90 ml of juice, four cloves sixteen grams", () => {
    expect(line("lemons")?.grams?.grams).toBeCloseTo(92, -1);
    expect(line("garlic")?.grams).toMatchObject({ grams: 16, by: "pieces" });
    expect(line("water")?.grams?.grams).toBeCloseTo(3778, -1);
  });

  test("bay leaves may be fresh or dried: both are offered", () => {
    const ids = line("bay")?.candidates.map((c) => c.id);
    expect(ids).toEqual(expect.arrayContaining(["bay_fresh", "bay_dried"]));
  });

  test.each(["two_ovens", "times_total", "salt_twice", "brine_room_temp"])("it finds %s", (id) =>
    expect(read.contradictions.map((c) => c.id)).toContain(id),
  );

  test("a cup of kosher salt is two very different weights, and each is told", () => {
    const crystal = read.contradictions.find((c) => c.id.startsWith("crystal_"));
    expect(crystal?.says).toEqual(["1 cup kosher salt"]);
    const range = line("kosher salt")?.saltRange;
    // Common practice, no source: a cup of light flakes about 135 g, of dense ones about 240 g.
    expect(range?.low).toBeGreaterThan(115);
    expect(range?.low).toBeLessThan(160);
    expect(range?.high).toBeGreaterThan(210);
    expect(range?.high).toBeLessThan(300);
  });

  test("stops come first, and say whose word goes before", () => {
    expect(read.contradictions[0]).toMatchObject({ id: "brine_room_temp", severity: "stop" });
    expect(read.contradictions[0].deferTo).toBeTruthy();
  });

  test("another choice of salt is worked out anew", () => {
    const salt = line("1 cup kosher salt");
    const dense = salt?.candidates.find((c) => c.id === "kosher_dense");
    if (!salt) throw new Error("no line");
    const anew = worked(salt, dense, pantryOf(), USUAL_WORDS, 2500);
    expect(anew.grams?.grams).toBeGreaterThan((salt.grams?.grams ?? 0) * 1.4);
  });
});
