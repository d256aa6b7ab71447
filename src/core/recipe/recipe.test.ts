import { cookOffered } from "../formula/plate";
import { formulate } from "../formula/formulate";
import { findFood, findSalt } from "../materials/lookup";
import { pantryOf } from "../materials/pantry";
import { USUAL_WORDS } from "../quantity/words";
import { againstSums } from "./against-sums";
import { cookSaid } from "./cook-said";
import { readLine } from "./read-line";
import { readRecipe, worked } from "./read-recipe";
import { temperaturesIn } from "./temperatures";
import { timesIn } from "./times";
import { formulationFrom } from "./to-formulation";

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

describe("one line", () => {
  test.each([
    ["2 1/2 cups kosher salt", "kosher salt", { kind: "volume", low: 591.47, high: 591.47 }],
    ["3–4 cloves garlic, crushed", "garlic, crushed", { kind: "count", low: 3, high: 4 }],
    ["1½ lb pork shoulder", "pork shoulder", { kind: "mass", low: 680.39, high: 680.39 }],
    ["a good pinch of black pepper", "black pepper", { kind: "words", words: "a good pinch" }],
    ["salt to taste", "salt", { kind: "words", words: "to taste" }],
    ["Juice of 2 lemons", "lemon juice", { kind: "count", low: 2, high: 2, unit: "juice" }],
    ["juice of half a lime", "lime juice", { kind: "count", low: 0.5, high: 0.5, unit: "juice" }],
    ["1 (2 kg) pork loin", "pork loin", { kind: "mass", low: 2000, high: 2000 }],
    ["250 ml/1 cup buttermilk", "buttermilk", { kind: "volume", low: 250, high: 250 }],
    ["2 tablespoons (30 g) soy sauce", "soy sauce", { kind: "mass", low: 30, high: 30 }],
    ["one onion, sliced", "onion, sliced", { kind: "count", low: 1, high: 1 }],
    ["4 litres cold water", "cold water", { kind: "volume", low: 4000, high: 4000 }],
    ["2 kilos of duck legs", "duck legs", { kind: "mass", low: 2000, high: 2000 }],
    ["500 grammes of tofu", "tofu", { kind: "mass", low: 500, high: 500 }],
    ["honey", "honey", { kind: "unsaid" }],
  ])("%s", (text, name, amount) => {
    const line = readLine(text, "us");
    expect(line.name).toBe(name);
    expect(line.amount.kind).toBe(amount.kind);
    if ("low" in amount && "low" in line.amount) {
      expect(line.amount.low).toBeCloseTo(amount.low, 1);
      expect(line.amount.high).toBeCloseTo(amount.high, 1);
    }
    if (amount.kind === "words") expect(line.amount).toEqual(amount);
  });

  test("a group's name is a heading", () => expect(readLine("For the rub:", "us").isHeading).toBe(true));
  test("optional is read", () =>
    expect(readLine("½ tsp chilli flakes (optional)", "us").optional).toBe(true));
  test("a metric kitchen's spoon is 15 ml", () =>
    expect(readLine("2 tbsp honey", "metric").amount).toEqual({ kind: "volume", low: 30, high: 30 }));
});

describe("times and temperatures", () => {
  test.each([
    ["brine for 12 to 24 hours", 720, 1440],
    ["leave overnight", 480, 720],
    ["roast 1½ hours", 90, 90],
    ["about 1 hour and 20 minutes", 80, 80],
    ["half an hour", 30, 30],
    ["2-3 days", 2880, 4320],
    ["30 minutes to 2 hours", 30, 120],
    ["45-60 min", 45, 60],
  ])("%s", (text, low, high) => expect(timesIn(text)[0]).toMatchObject({ low, high }));

  test("a minute is a manner of speaking, and no time is none", () => {
    expect(timesIn("wait a minute")).toEqual([]);
    expect(timesIn("cut it in 4 pieces")).toEqual([]);
  });

  test.each([
    ["Heat the oven to 180°C (350°F)", [180]],
    ["gas mark 4", [176.7]],
    ["bake at 425 degrees", [218.3]],
    ["until a thermometer reads 63 °C", [63]],
    ["in a 220 C oven", [220]],
  ])("%s", (text, wanted) => {
    const found = temperaturesIn(text).map((t) => t.celsius);
    expect(found).toHaveLength(wanted.length);
    wanted.forEach((c, i) => expect(found[i]).toBeCloseTo(c, 0));
  });
});

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

describe("into a formula", () => {
  test("the brine keeps the recipe's strength, its water and its hours", () => {
    const f = formulationFrom({
      name: "Loin",
      notes: "",
      foodId: "pork_loin_bonein",
      foodG: 2500,
      count: 1,
      choice: "timed",
      lines: [
        { kind: "salt", id: "sea_fine", grams: 240, optional: false },
        { kind: "ingredient", id: "water", grams: 3760, optional: false },
        { kind: "ingredient", id: "sugar_brown_light", grams: 120, optional: false },
        { kind: "ingredient", id: "bay_dried", grams: 0.4, optional: true },
      ],
      pullH: 12,
      portions: 8,
    });
    const nacl = 240 * (findSalt("sea_fine")?.naclFraction ?? 0);
    expect(f?.preparation).toMatchObject({
      school: "timed",
      strength: { saltFraction: nacl / (nacl + 3760) },
    });
    // Weighed out again it is what the recipe said.
    const sheet = f && formulate(f);
    const salt = sheet?.ok ? sheet.value.lines.find((l) => l.role === "salt") : undefined;
    expect(salt?.massG).toBeCloseTo(240, 2);
    expect(f).toMatchObject({ water: { massG: 3760 }, sugarPerSalt: 0.5, pullH: 12, saltId: "sea_fine" });
    expect(f?.lines[0]).toMatchObject({ ingredientId: "bay_dried", scalesWith: "bath", optional: true });
    expect(f && formulate(f).ok).toBe(true);
  });

  test("a rub's salt is a share of the flesh, and its lines follow the food", () => {
    const f = formulationFrom({
      name: "Ribs",
      notes: "",
      foodId: "beef_short_rib",
      foodG: 2000,
      count: 6,
      choice: "rub",
      lines: [
        { kind: "salt", id: "sea_fine", grams: 20, optional: false },
        { kind: "ingredient", id: "paprika", grams: 14, optional: false },
      ],
      portions: 6,
    });
    const food = findFood("beef_short_rib");
    expect(f?.preparation.targetFraction).toBeCloseTo(
      (20 * (findSalt("sea_fine")?.naclFraction ?? 0)) / (2000 * (food?.edibleFraction ?? 1)),
      5,
    );
    expect(f?.lines).toEqual([
      { ingredientId: "paprika", amountG: 7, scalesWith: "foodMass", optional: false },
    ]);
    expect(f && formulate(f).ok).toBe(true);
  });

  test("a soak outside its window and a core under the official minimum are shown", () => {
    const read = readRecipe(
      "Duck legs\n1.2 kg duck legs\n2 l water\n120 g salt\nBrine for 20 minutes. Roast until the core reads 60 °C.",
      OPTIONS,
    );
    const f = formulationFrom({
      name: "Duck",
      notes: "",
      foodId: "duck_leg",
      foodG: 1200,
      count: 4,
      choice: "timed",
      lines: [
        { kind: "salt", id: "sea_fine", grams: 120, optional: false },
        { kind: "ingredient", id: "water", grams: 2000, optional: false },
      ],
      portions: 4,
    });
    const sheet = f && formulate(f);
    if (!sheet?.ok) throw new Error("no sheet");
    const ids = againstSums(sheet.value, read.soak, read.method.cores).map((c) => c.id);
    expect(ids).toEqual(["soak_short", "core_low"]);
  });

  test("a cook in two stages keeps both ovens", () => {
    const { method } = readRecipe(
      "Roast\n1 kg duck legs\n10 g salt\nRoast at 220 °C for 20 minutes. Reduce the oven to 160 °C and roast for 60 minutes. Rest 10 minutes.",
      OPTIONS,
    );
    const duck = findFood("duck_leg");
    if (!duck) throw new Error("food");
    expect(cookSaid(method, cookOffered({ food: duck }, 30))).toMatchObject({
      restMin: 10,
      stages: [
        { ovenC: 220, minutes: 20 },
        { ovenC: 160, minutes: 60 },
      ],
    });
  });
});

describe("other ways a recipe comes", () => {
  const jsonLd = {
    "@context": "https://schema.org",
    "@graph": [
      { "@type": "WebPage", name: "A page" },
      {
        "@type": ["Recipe"],
        name: "Tofu in miso &amp; mirin",
        recipeYield: ["4 servings"],
        totalTime: "PT30M",
        recipeIngredient: ["400 g firm tofu", "3 tbsp white miso", "1 tbsp mirin"],
        recipeInstructions: [
          {
            "@type": "HowToSection",
            itemListElement: [{ "@type": "HowToStep", text: "Mix the miso paste." }],
          },
          "Marinate 12 hours.",
        ],
      },
    ],
  };

  test("a page's data goes before its words", () => {
    const page = `<html><head><script type="application/ld+json">${JSON.stringify(jsonLd)}</script></head><body><p>Buy this</p></body></html>`;
    const read = readRecipe(page, OPTIONS);
    expect(read.source).toBe("pageData");
    expect(read.recipe.name).toBe("Tofu in miso & mirin");
    expect(read.foods[0].id).toBe("tofu_firm");
    expect(read.lines.map((l) => l.chosen?.id)).toEqual(["tofu_firm", "miso_white", "mirin"]);
    expect(read.contradictions.map((c) => c.id)).toContain("times_total");
  });

  test("a page without data is read by its words, and no script of it is text", () => {
    const read = readRecipe(
      "<h1>Short ribs</h1><script>alert('x')</script><h2>Ingredients</h2><ul><li>2 kg beef short ribs</li><li>20 g salt</li></ul><h2>Method</h2><p>Rub the ribs with the salt. Leave for 12 hours in the fridge.</p>",
      OPTIONS,
    );
    expect(read.source).toBe("pageText");
    expect(read.recipe.name).toBe("Short ribs");
    expect(read.lines).toHaveLength(2);
    expect(JSON.stringify(read)).not.toContain("alert");
  });

  test("nothing at all reads as nothing", () => {
    const read = readRecipe("", OPTIONS);
    expect(read.lines).toEqual([]);
    expect(read.contradictions).toEqual([]);
  });
});
