import { parseQuantity, type QuantityRule } from "./parse";
import { gramsOfWords, USUAL_WORDS } from "./words";

describe("amounts said in words (common practice, no source: a pinch is 0.3 to 0.4 g of fine salt)", () => {
  test.each([
    ["pinch", 1.23, 0.35],
    ["a pinch", 1.23, 0.35],
    ["a good pinch", 1.23, 0.525],
    ["3 pinches", 1.23, 1.05],
    ["pinch", 0.615, 0.175],
    ["a dash", 1, 0.6],
    ["2 dashes", 1, 1.2],
    ["to taste", 0.5, 1],
  ])("“%s” of something at %d g/mL", (text, density, grams) => {
    expect(gramsOfWords(text, density, USUAL_WORDS)).toBeCloseTo(grams, 9);
  });

  test("other words are not amounts", () => {
    for (const text of ["plenty", "a lot", "about that much", ""])
      expect(gramsOfWords(text, 1, USUAL_WORDS)).toBeUndefined();
  });
});

describe("a line's amount reads by weight, by spoon, by count and by word", () => {
  const garlic: QuantityRule = {
    dimension: "mass",
    min: 0,
    max: 5000,
    volumeDensityGPerMl: 0.57,
    each: { massG: 4, unit: "clove" },
    words: USUAL_WORDS,
  };
  const read = (text: string, rule = garlic) => {
    const result = parseQuantity(text, rule);
    return result.ok ? result.value : result.error.code;
  };

  test.each([
    ["12 g", 12],
    ["3 cloves", 12],
    ["1 clove", 4],
    ["½ clove", 2],
    ["2 tbsp", 2 * 14.7868 * 0.57],
    ["a pinch", (0.35 * 0.57) / 1.23],
  ])("“%s”", (text, grams) => {
    expect(read(text)).toBeCloseTo(grams, 3);
  });

  test("a count of something else is not taken", () => {
    expect(read("3 lemons")).toBe("unknown_unit");
  });

  test.each([
    ["leaf", "5 leaves"],
    ["large egg", "5 eggs"],
    ["berry", "5 berries"],
    ["lemon, its juice", "5 lemons"],
    ["sprig", "5 pieces"],
  ])("one %s, read as “%s”", (unit, text) => {
    expect(read(text, { ...garlic, each: { massG: 10, unit } })).toBeCloseTo(50, 9);
  });
});
