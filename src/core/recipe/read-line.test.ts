import fc from "fast-check";
import { MASS_G, VOLUME_ML } from "../quantity/units";
import { readLine } from "./read-line";

describe("one line", () => {
  test.each([
    ["2 1/2 cups kosher salt", "kosher salt", { kind: "volume", low: 591.47, high: 591.47 }],
    ["3–4 cloves garlic, crushed", "garlic, crushed", { kind: "count", low: 3, high: 4 }],
    ["1½ lb pork shoulder", "pork shoulder", { kind: "mass", low: 680.39, high: 680.39 }],
    ["a good pinch of black pepper", "black pepper", { kind: "words", words: "good pinch" }],
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

/** Each unit as recipes write it, with what one of it is: NIST Handbook 44, App. C. */
const WRITTEN: [string[], "mass" | "volume", number][] = [
  [["g", "grams", "gram"], "mass", 1],
  [["kg", "kilograms", "kilos"], "mass", MASS_G.kg],
  [["oz", "ounces"], "mass", MASS_G.oz],
  [["lb", "lbs", "pounds"], "mass", MASS_G.lb],
  [["ml", "millilitres", "milliliters"], "volume", 1],
  [["l", "litres", "liters"], "volume", VOLUME_ML.litre],
  [["tsp", "teaspoons"], "volume", VOLUME_ML.us_tsp],
  [["tbsp", "tablespoons"], "volume", VOLUME_ML.us_tbsp],
  [["cups", "cup"], "volume", VOLUME_ML.us_cup],
  [["pints"], "volume", VOLUME_ML.us_pint],
  [["quarts"], "volume", VOLUME_ML.us_quart],
  [["gallons"], "volume", VOLUME_ML.us_gallon],
  [["fl oz", "fl. oz.", "fluid ounces"], "volume", VOLUME_ML.us_fl_oz],
  [["cl"], "volume", 10],
  [["dl"], "volume", 100],
];
const spelling = fc.constantFrom(
  ...WRITTEN.flatMap(([names, kind, factor]) => names.map((unit) => ({ unit, kind, factor }))),
);
const FRACTIONS: [string, number][] = [
  ["", 0],
  ["½", 1 / 2],
  ["¼", 1 / 4],
  ["¾", 3 / 4],
  [" 1/2", 1 / 2],
  [" 1/4", 1 / 4],
  [" 3/4", 3 / 4],
];
const figure = fc
  .tuple(fc.integer({ min: 1, max: 40 }), fc.constantFrom(...FRACTIONS))
  .map(([whole, [written, part]]) => ({ written: `${whole}${written}`, value: whole + part }));

describe("laws of a line", () => {
  test("a figure, a fraction, a unit: the same amount in grams or millilitres, whatever the spelling", () =>
    fc.assert(
      fc.property(figure, spelling, ({ written, value }, { unit, kind, factor }) => {
        const { name, amount } = readLine(`${written} ${unit} buttermilk`, "us");
        expect(name).toBe("buttermilk");
        expect(amount.kind).toBe(kind);
        if (amount.kind === "mass" || amount.kind === "volume")
          expect(amount.low / (value * factor)).toBeCloseTo(1, 2);
      }),
      { numRuns: 300 },
    ));

  test("a range is never upside down, and its ends are the figures", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 20 }),
        fc.constantFrom("-", "–", " to ", " or "),
        (low, more, between) => {
          const { amount } = readLine(`${low}${between}${low + more} tbsp white miso`, "metric");
          expect(amount).toEqual({ kind: "volume", low: low * 15, high: (low + more) * 15 });
        },
      ),
    ));

  test("whatever is pasted, it is read as something and keeps its own words", () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        const line = readLine(text, "metric");
        expect(line.text).toBe(text);
        if ("low" in line.amount) expect(line.amount.high).toBeGreaterThanOrEqual(line.amount.low);
      }),
      { numRuns: 500 },
    ));
});

describe("figures in words", () => {
  test.each([
    ["five cloves garlic", 5],
    ["seven juniper berries", 7],
    ["eight bay leaves", 8],
    ["ten black peppercorns", 10],
    ["a dozen allspice berries", 12],
    ["half a lemon", 0.5],
    ["an onion", 1],
  ])("%s", (text, count) => expect(readLine(text, "us").amount).toMatchObject({ low: count, high: count }));
});
