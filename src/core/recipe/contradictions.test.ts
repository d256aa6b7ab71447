import { USUAL_WORDS } from "../quantity/words";
import { readRecipe } from "./read-recipe";

const OPTIONS = { measures: "metric", words: USUAL_WORDS } as const;
const HEAD = "Duck legs\n\nIngredients\n1.2 kg duck legs\n20 g fine sea salt\n\nMethod\n";
const found = (method: string, head = HEAD) =>
  readRecipe(`${head}${method}`, OPTIONS).contradictions.map((c) => c.id);

/** Said the way a handwritten card says it; each must be met by the hazard table's own caution. Common practice, no source. */
describe("an unsafe step", () => {
  test.each([
    ["counter_thaw", "Thaw the legs on the counter in the morning."],
    ["counter_thaw", "Defrost at room temperature for a few hours."],
    ["brine_room_temp", "Leave in the brine at room temperature overnight."],
    ["brine_room_temp", "Marinate on the worktop for 6 hours."],
    ["hot_brine", "Pour the hot brine over the legs."],
    ["washing_poultry", "Rinse the duck under the tap."],
    ["reused_marinade", "Serve with the remaining marinade."],
    ["reactive_metal", "Use an aluminium bowl to marinate the legs with lemon."],
    ["curing_salts", "Add 2 g of pink salt to the mix."],
    ["garlic_oil", "Keep the garlic in oil at room temperature."],
    ["leftovers", "Leftovers may stand on the counter."],
  ])("%s: “%s”", (id, step) => {
    const read = readRecipe(`${HEAD}${step}`, OPTIONS);
    const met = read.contradictions.find((c) => c.id === id);
    expect(met).toMatchObject({ says: [step] });
    expect(met?.instead.length).toBeGreaterThan(10);
    expect(met?.deferTo).toBeTruthy();
  });

  test.each([
    "Never thaw on the counter.",
    "Do not rinse the duck under the tap.",
    "Boil the remaining marinade for 5 minutes before you serve it.",
    "Brine in the fridge overnight.",
    "Let the legs stand at room temperature while the oven heats.",
    "Pour the cold brine over the legs.",
    "Serve with pink grapefruit.",
  ])("“%s” is none", (step) => expect(found(step)).toEqual([]));
});

describe("ovens", () => {
  test.each([
    ["Preheat the oven to 180 °C. Roast at 220 °C for 30 minutes.", true],
    ["Preheat the oven to 180°C (350°F). Roast for 30 minutes.", false],
    ["Roast at 220 °C for 20 minutes. Reduce the oven to 160 °C for 40 minutes.", false],
    ["Heat the oven to 200 °C/gas mark 6. Roast for an hour.", false],
  ])("%s", (method, two) => expect(found(method).includes("two_ovens")).toBe(two));

  test("the core is no oven", () => expect(found("Roast at 180 °C until the core reads 74 °C.")).toEqual([]));
  test("two cores are pointed out: before and after a rest, perhaps", () =>
    expect(found("Roast at 180 °C until the core reads 60 °C. The thermometer should read 74 °C.")).toContain(
      "two_cores",
    ));
});

describe("times", () => {
  test.each([
    ["Total time: 1 hour\nBrine for 4 hours. Roast for 40 minutes.", ["times_total"]],
    ["Total time: 6 hours\nBrine for 4 hours. Roast for 40 minutes.", []],
    ["Cook time: 2 hours\nRoast for 40 minutes.", ["times_cook"]],
    ["Cook time: 45 minutes\nRoast for 40 to 50 minutes.", []],
    ["Prep time: 10 minutes\nBrine for 4 hours.", []],
  ])("%s", (method, ids) => expect(found(method)).toEqual(ids));
});

describe("salt", () => {
  test("twice: in the list and again in the method", () =>
    expect(found("Rub with the salt. Season with salt again before roasting.")).toContain("salt_twice"));
  test("once is once", () => expect(found("Rub the legs with the salt.")).not.toContain("salt_twice"));
  test("hidden in a sauce", () =>
    expect(found("Mix.", "Duck legs\n1.2 kg duck legs\n20 g salt\n60 ml soy sauce\nMethod\n")).toContain(
      "salt_hidden",
    ));
  test("weighed, crystal does not matter; by the spoon it does", () => {
    const ids = (line: string) => found("Mix.", `Duck legs\n1.2 kg duck legs\n${line}\nMethod\n`);
    expect(ids("20 g kosher salt")).toEqual([]);
    expect(ids("2 tbsp kosher salt").some((id) => id.startsWith("crystal_"))).toBe(true);
  });
});

test("stops come before cautions, and cautions before tips", () => {
  const { contradictions } = readRecipe(
    `${HEAD}Leave in the brine at room temperature overnight. Preheat the oven to 180 °C. Roast at 220 °C until the core reads 60 °C. The thermometer should read 74 °C.`,
    OPTIONS,
  );
  const order = contradictions.map((c) => ["stop", "caution", "tip"].indexOf(c.severity));
  expect(order).toEqual([...order].sort((a, b) => a - b));
  expect(new Set(order).size).toBe(3);
});
