import { INGREDIENTS, SALTS } from "../materials/lookup";
import fc from "fast-check";
import { parseQuantity } from "./parse";
import { roundForScale } from "./rounding";
import { spoonMeasure } from "./spoons";

describe("spoonMeasure", () => {
  test.each([
    ["a level US tablespoon of fine salt", 18.2, 1.23, "us", "1 tbsp"],
    ["a tablespoon and a half in a drawer without halves", 26.8, 1.21, "us", "1 tbsp + 1½ tsp"],
    ["a metric teaspoon of water", 5, 1, "metric", "1 tsp"],
    ["a metric cup of water", 250, 1, "metric", "1 cup"],
    ["two and a half cups", 625, 1, "metric", "2½ cups"],
  ] as const)("%s", (_, massG, density, system, text) => {
    expect(spoonMeasure(massG, density, system)?.text).toBe(text);
  });

  test("an amount no spoon holds is left to the scale", () => {
    expect(spoonMeasure(0.2, 1.2, "us")).toBeUndefined();
    expect(spoonMeasure(20_000, 1, "metric")).toBeUndefined();
  });

  test("the words read back to the grams within the error stated", () => {
    const wanted = fc.double({ min: 1, max: 3000, noNaN: true });
    const density = fc.double({ min: 0.2, max: 1.4, noNaN: true });
    fc.assert(
      fc.property(wanted, density, (massG, densityGPerMl) => {
        const spoons = spoonMeasure(massG, densityGPerMl, "us");
        if (!spoons) return true;
        const read = parseQuantity(spoons.text, { dimension: "volume", min: 0, max: 1e6 });
        const readG = read.ok ? read.value * densityGPerMl : NaN;
        return Math.abs(readG / massG - 1 - spoons.relativeError) < 1e-9;
      }),
      { seed: 11, numRuns: 1000 },
    );
  });

  test("what a metric drawer's spoons say reads back as metric spoons", () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 2000, noNaN: true }), (ml) => {
        const spoons = spoonMeasure(ml, 1, "metric");
        if (!spoons) return;
        const rule = { dimension: "volume", min: 0, max: 1e6, measures: "metric" } as const;
        const read = parseQuantity(spoons.text, rule);
        expect(read.ok && read.value).toBeCloseTo(spoons.volumeMl, 6);
      }),
      { seed: 13, numRuns: 300 },
    ));

  test("from two teaspoons up most amounts come within 2 %, none is over 4.5 % off", () => {
    let within = 0;
    let all = 0;
    for (let ml = 10; ml < 2000; ml *= 1.01) {
      const off = Math.abs(spoonMeasure(ml, 1, "us")?.relativeError ?? 1);
      expect(off).toBeLessThanOrEqual(0.045);
      all++;
      if (off <= 0.02) within++;
    }
    expect(within / all).toBeGreaterThan(0.85);
  });

  test.each([
    [3.7, "¾ tsp"],
    [1.85, "⅜ tsp"],
    [88.7, "⅜ cup"],
  ])("eighths are offered: %s ml", (ml, text) => expect(spoonMeasure(ml, 1, "us")?.text).toBe(text));

  test("from a teaspoon up, no spoon text is more than 9 % off", () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 2000, noNaN: true }), (ml) => {
        const spoons = spoonMeasure(ml, 1, "metric");
        return spoons !== undefined && Math.abs(spoons.relativeError) <= 0.09;
      }),
      { seed: 12, numRuns: 1000 },
    );
  });
});

test.each([
  [3.14159, 3.1],
  [19.96, 20],
  [84.6, 85],
  [999.6, 1000],
  [2165.8, 2165],
  [2168, 2170],
])("the scale shows %d g as %d g", (massG, shown) => {
  expect(roundForScale(massG)).toBe(shown);
});

test("of every ingredient and salt: the spoons' words read back as the grams, within the error they state", () => {
  const densities = [...INGREDIENTS, ...SALTS].flatMap((i) => (i.densityGPerMl ? [i.densityGPerMl] : []));
  fc.assert(
    fc.property(
      fc.constantFrom(...densities),
      fc.double({ min: 0.5, max: 1500, noNaN: true }),
      (density, grams) => {
        const spoons = spoonMeasure(grams, density, "us");
        if (!spoons) return true;
        const read = parseQuantity(spoons.text, {
          dimension: "mass",
          min: 0,
          max: 1e6,
          volumeDensityGPerMl: density,
        });
        const back = read.ok ? read.value : NaN;
        // 1/3 and 2/3 are read in fifteen digits.
        return Math.abs(back / grams - 1 - spoons.relativeError) < 1e-6;
      },
    ),
    { seed: 121, numRuns: 400 },
  );
});
