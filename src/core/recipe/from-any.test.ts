import { USUAL_WORDS } from "../quantity/words";
import { recipeFromAny } from "./from-any";
import { findRecipe } from "./from-json-ld";
import { readRecipe } from "./read-recipe";

const OPTIONS = { measures: "us", words: USUAL_WORDS } as const;

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

describe("schema.org Recipe data as pages write it", () => {
  const read = (recipe: object) =>
    recipeFromAny(JSON.stringify({ "@context": "https://schema.org", "@type": "Recipe", ...recipe })).recipe;

  test("characters written by name are characters", () => {
    const { name, ingredients, method } = read({
      name: "Grandad&#8217;s lamb",
      recipeIngredient: ["&frac12; cup buttermilk", "2&nbsp;kg lamb shoulder", "1 &lt;b&gt;lemon&lt;/b&gt;"],
      recipeInstructions: "<p>Roast at 160&deg;C.</p><p>Rest.</p>",
    });
    expect(name).toBe("Grandad’s lamb");
    expect(ingredients).toEqual(["½ cup buttermilk", "2 kg lamb shoulder", "1 <b>lemon</b>"]);
    expect(method).toEqual(["Roast at 160°C.", "Rest."]);
  });

  test.each([
    ["one text", "Mix. Chill.", ["Mix.", "Chill."]],
    ["texts", ["Mix.", "Chill."], ["Mix.", "Chill."]],
    [
      "steps",
      [
        { "@type": "HowToStep", text: "Mix." },
        { "@type": "HowToStep", name: "Chill." },
      ],
      ["Mix.", "Chill."],
    ],
    [
      "an item list",
      { "@type": "ItemList", itemListElement: [{ "@type": "HowToStep", text: "Mix." }, "Chill."] },
      ["Mix.", "Chill."],
    ],
    [
      "sections",
      [
        {
          "@type": "HowToSection",
          name: "First",
          itemListElement: [{ "@type": "HowToStep", text: "Mix." }],
        },
        { "@type": "HowToSection", itemListElement: [{ "@type": "HowToStep", text: "Chill." }] },
      ],
      ["Mix.", "Chill."],
    ],
    ["nothing", undefined, []],
    ["a figure", 7, []],
  ])("the method as %s", (_, recipeInstructions, steps) =>
    expect(read({ name: "x", recipeInstructions }).method).toEqual(steps),
  );

  test.each([
    ["4", 4],
    [4, 4],
    ["Serves 6 to 8", 6],
    [["12 pieces", "3 servings"], 12],
    [null, null],
    [{ value: 4 }, null],
  ])("yield %p", (recipeYield, serves) => expect(read({ recipeYield }).serves).toBe(serves));

  test.each([
    ["PT1H30M", 90],
    ["P0DT45M", 45],
    ["P1DT2H", 1560],
    ["90 minutes", undefined],
    ["P900D", undefined],
    [true, undefined],
  ])("total time %p", (totalTime, minutes) => expect(read({ totalTime }).stated[0]?.minutes).toBe(minutes));

  test("of several things in a graph the recipe is found, however its type is written", () => {
    for (const type of ["Recipe", ["Thing", "Recipe"], "https://schema.org/Recipe", "schema:Recipe"])
      expect(
        findRecipe({
          "@graph": [{ "@type": "Person" }, { "@type": "WebPage", mainEntity: { "@type": type } }],
        }),
      ).toEqual({ "@type": type });
    expect(findRecipe({ "@graph": [{ "@type": "RecipeBook" }] })).toBeUndefined();
  });

  test("data nested without end is followed only so far", () => {
    let deep: object = { "@type": "Recipe" };
    for (let i = 0; i < 50; i++) deep = { "@graph": [deep] };
    expect(findRecipe(deep)).toBeUndefined();
  });
});
