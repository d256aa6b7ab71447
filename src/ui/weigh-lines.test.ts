import { chops, worked } from "@/core/formula/formulation.fixture";
import { lineMassG } from "@/core/formula/weigh/lines";
import type { Formulation } from "@/core/formulation";
import { parseQuantity } from "@/core/quantity/parse";
import { kitchenMeasure } from "./weigh-lines";

const seasoned: Formulation = chops({
  sugarPerSalt: 0.5,
  lines: [
    { ingredientId: "garlic_clove", amountG: 10, scalesWith: "bath", optional: false },
    { ingredientId: "bay_dried", amountG: 0.6, scalesWith: "batch", optional: true },
    { ingredientId: "pepper_black_whole", amountG: 3, scalesWith: "foodMass", optional: false },
  ],
});

const line = (id: string) => {
  const found = worked(seasoned).lines.find((l) => l.id === id);
  if (!found) throw new Error(`no line ${id}`);
  return found;
};

describe("kitchen measures", () => {
  test("water in litres, cloves by count, corns by the spoon", () => {
    expect(kitchenMeasure(line("water"), "metric")).toBe("1.0 L");
    expect(kitchenMeasure(line("garlic_clove"), "metric")).toBe("about 2.5 cloves");
    expect(kitchenMeasure(line("pepper_black_whole"), "metric")).toMatch(/^1 tsp, \d\.\d % too little$/);
  });

  test("the error stated is the error made", () => {
    for (const id of ["pickling", "sugar_brown_light", "pepper_black_whole"]) {
      const l = line(id);
      const said = kitchenMeasure(l, "us");
      const [, words, signed, percent, side] =
        /^(.*?)(?: \(([+−])|, )([\d.]+) %(?:\)| too (much|little))$/.exec(said) ?? [];
      const sign = signed === "−" || side === "little" ? "−" : "+";
      const read = parseQuantity(words, { dimension: "volume", min: 0, max: 1e5 });
      const off = read.ok ? (read.value * (l.densityGPerMl ?? NaN)) / l.massG - 1 : NaN;
      expect(off * 100).toBeCloseTo((sign === "−" ? -1 : 1) * Number(percent), 1);
    }
  });

  test("US and metric spoons differ in the words, not in the grams", () => {
    expect(kitchenMeasure(line("pickling"), "us")).not.toBe(kitchenMeasure(line("pickling"), "metric"));
  });

  test("what no spoon holds is weighed", () => {
    expect(kitchenMeasure({ ...line("pickling"), massG: 0.05 }, "us")).toBe("weigh it");
    expect(kitchenMeasure({ ...line("bay_dried"), densityGPerMl: undefined, each: undefined }, "us")).toBe(
      "weigh it",
    );
  });
});

describe("each line grows by its own law", () => {
  const bases = { foodG: 1500, surfaceDm2: 8, liquidMl: 3000, saltG: 250, pieces: 5 };

  test.each([
    ["bath", 6],
    ["foodMass", 3],
    ["surface", 16],
    ["salt", 5],
    ["piece", 10],
    ["batch", 2],
  ] as const)("%s", (scalesWith, grams) => {
    expect(lineMassG({ amountG: 2, scalesWith }, bases)).toBeCloseTo(grams, 12);
  });

  test("a line left out weighs nothing", () => {
    expect(lineMassG({ amountG: 2, scalesWith: "batch", off: true }, bases)).toBe(0);
  });
});
