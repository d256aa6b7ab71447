import { FOODS, INGREDIENTS, SALTS } from "../materials/lookup";
import { candidatesFor, type Named } from "./match";

const THINGS: Named[] = [
  ...SALTS.map(({ id, name }) => ({ kind: "salt" as const, id, name })),
  ...FOODS.map(({ id, name }) => ({ kind: "food" as const, id, name })),
  ...INGREDIENTS.map(({ id, name }) => ({ kind: "ingredient" as const, id, name })),
];
const best = (said: string) => candidatesFor(said, THINGS)[0]?.id;

/** Names as cooks write them on both sides of an ocean. Common practice, no source. */
describe("a written name", () => {
  test.each([
    ["granulated sugar", "sugar_white"],
    ["dark brown sugar, packed", "sugar_brown_dark"],
    ["powdered sugar", "sugar_icing"],
    ["runny honey", "honey"],
    ["apple cider vinegar", "vinegar_cider"],
    ["red wine vinegar", "vinegar_red_wine"],
    ["plain Greek yogurt", "yoghurt_strained"],
    ["buttermilk", "buttermilk"],
    ["extra-virgin olive oil", "olive_oil"],
    ["garlic cloves, smashed", "garlic_clove"],
    ["garlic powder", "garlic_powder"],
    ["granulated garlic", "garlic_granulated"],
    ["fresh ginger, grated", "ginger_fresh"],
    ["ground ginger", "ginger_ground"],
    ["cumin seeds, toasted", "cumin_seed"],
    ["ground coriander", "coriander_ground"],
    ["chopped cilantro", "cilantro"],
    ["smoked paprika", "paprika_smoked"],
    ["whole black peppercorns", "pepper_black_whole"],
    ["star anise", "star_anise"],
    ["cinnamon stick", "cinnamon_stick"],
    ["juniper berries, crushed", "juniper"],
    ["dark soy sauce", "soy_sauce_dark"],
    ["fish sauce", "fish_sauce"],
    ["white miso paste", "miso_white"],
    ["Dijon mustard", "mustard_dijon"],
    ["egg whites, beaten", "egg_white"],
    ["freshly squeezed lime juice", "lime_juice"],
    ["lemon zest", "lemon_zest"],
    ["fresh thyme leaves", "thyme"],
    ["dried thyme", "thyme_dried"],
    ["cold water", "water"],
    ["duck legs", "duck_leg"],
    ["bone-in pork loin roast", "pork_loin_bonein"],
    ["beef short ribs", "beef_short_rib"],
    ["mackerel fillets, pin-boned", "mackerel_fillet"],
    ["firm tofu, pressed", "tofu_firm"],
    ["a large celeriac", "celeriac"],
    ["fine sea salt", "sea_fine"],
  ])("%s", (said, id) => expect(best(said)).toBe(id));

  test.each(["kitchen string", "greaseproof paper", "", "2", "(optional)"])(
    "“%s” is no food of the table",
    (said) => expect(best(said)).toBeUndefined(),
  );
});

test("every name of the table leads to itself, or to one of the same name", () => {
  const astray = THINGS.filter((thing) => {
    const found = candidatesFor(thing.name, THINGS);
    const top = found.filter((c) => c.score >= found[0].score - 1e-9);
    return !top.some((c) => c.id === thing.id);
  });
  expect(astray.map((t) => t.name)).toEqual([]);
});

test("best first, no more than asked for, scores between nothing and one", () => {
  const found = candidatesFor("black pepper", THINGS, 3);
  expect(found.length).toBeLessThanOrEqual(3);
  const scores = found.map((c) => c.score);
  expect(scores).toEqual([...scores].sort((a, b) => b - a));
  expect(Math.max(...scores)).toBeLessThanOrEqual(1);
});
