import fc from "fast-check";
import { recipeFromText } from "./from-text";
import { RECIPE_LIMITS } from "./loose";

const DUCK = ["1.2 kg duck legs", "24 g fine sea salt", "3 sprigs thyme"];
const STEPS = [
  "Rub the legs with the salt.",
  "Leave overnight in the fridge.",
  "Roast at 160 °C for 90 minutes.",
];

/** The same dish as people write it down. */
const LAYOUTS: Record<string, string> = {
  "under headings": `Duck legs\n\nIngredients\n${DUCK.join("\n")}\n\nMethod\n${STEPS.join("\n")}`,
  "in Markdown": `# Duck legs\n\n## Ingredients\n${DUCK.map((d) => `- ${d}`).join("\n")}\n\n## Directions\n${STEPS.map((s, i) => `${i + 1}. ${s}`).join("\n")}`,
  "in bold, with stars": `**Duck legs**\n\n**You will need**\n${DUCK.map((d) => `* ${d}`).join("\n")}\n\n**Instructions**\n${STEPS.join(" ")}`,
  "without headings": `Duck legs\n${DUCK.join("\n")}\n${STEPS.join(" ")}`,
  "with boxes to tick": `Duck legs\nIngredients:\n${DUCK.map((d) => `☐ ${d}`).join("\n")}\nSteps:\n${STEPS.join("\n")}`,
  "from another machine": `Duck legs\r\n\r\nIngredients\r\n${DUCK.join("\r\n")}\r\n\r\nMethod\r\n${STEPS.join("\r\n")}`,
  quoted: `> Duck legs\n> Ingredients\n${DUCK.map((d) => `> ${d}`).join("\n")}\n> Method\n${STEPS.map((s) => `> ${s}`).join("\n")}`,
  "method first": `Duck legs\nMethod\n${STEPS.join("\n")}\nIngredients\n${DUCK.join("\n")}`,
};

test.each(Object.entries(LAYOUTS))("%s it is the same recipe", (_, text) =>
  expect(recipeFromText(text)).toMatchObject({ name: "Duck legs", ingredients: DUCK, method: STEPS }),
);

describe("what it says of itself", () => {
  test.each([
    ["Serves 6", 6],
    ["Serves: 6", 6],
    ["Feeds about 18", 18],
    ["Makes 4 portions", 4],
    ["8 servings", 8],
    ["Yield 10", 10],
  ])("%s", (line, serves) => {
    const read = recipeFromText(`Duck legs\n${line}\nIngredients\n${DUCK.join("\n")}`);
    expect(read.serves).toBe(serves);
    expect(read.ingredients).toEqual(DUCK);
  });

  test("times stated are no steps", () => {
    const read = recipeFromText(
      `Duck legs\nPrep time: 20 minutes\nCooking time: 1½ hours\nTotal: 14 hours\nIngredients\n${DUCK.join("\n")}\nMethod\n${STEPS.join("\n")}`,
    );
    expect(read.stated.map(({ kind, minutes }) => [kind, minutes])).toEqual([
      ["prep", 20],
      ["cook", 90],
      ["total", 840],
    ]);
    expect(read.method).toEqual(STEPS);
  });

  test("parts of a list keep their headings", () => {
    const { ingredients } = recipeFromText(
      "Ribs\nIngredients\n2 kg beef short ribs\nFor the rub:\n20 g salt",
    );
    expect(ingredients).toEqual(["2 kg beef short ribs", "For the rub:", "20 g salt"]);
  });
});

describe("however much is pasted", () => {
  test("a book is cut to a recipe's size", () => {
    const read = recipeFromText(`Book\nIngredients\n${"1 kg flour\n".repeat(5000)}`);
    expect(read.ingredients).toHaveLength(RECIPE_LIMITS.ingredients);
  });

  test("no line is lost: each is the name, an ingredient, a step or a fact", () =>
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...DUCK, ...STEPS, "1 lemon", "Chill it well.", "2 tbsp honey"], {
          minLength: 2,
        }),
        (lines) => {
          const read = recipeFromText(`A supper\n${lines.join("\n")}`);
          expect([...read.ingredients, ...read.method].sort()).toEqual([...lines].sort());
        },
      ),
    ));

  test("rubbish of any kind comes back within the limits", () =>
    fc.assert(
      fc.property(fc.string({ unit: "binary", maxLength: 3000 }), (text) => {
        const read = recipeFromText(text);
        expect(read.ingredients.length).toBeLessThanOrEqual(RECIPE_LIMITS.ingredients);
        expect(read.method.every((s) => s.length <= RECIPE_LIMITS.lineCharacters)).toBe(true);
      }),
    ));
});
