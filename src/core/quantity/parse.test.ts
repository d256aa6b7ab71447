import fc from "fast-check";
import { parseQuantity, type QuantityRule } from "./parse";

const mass: QuantityRule = { dimension: "mass", min: 1, max: 200_000 };
const plain: QuantityRule = { dimension: "none", min: 0, max: 100 };

describe("parseQuantity reads what a cook types", () => {
  test.each([
    ["2 kg", mass, 2000],
    ["2kg.", mass, 2000],
    ["3640", mass, 3640],
    ["3 640 g", mass, 3640],
    ["3\u202f640 g", mass, 3640],
    ["1½ kg", mass, 1500],
    ["1 1/2 kg", mass, 1500],
    ["1/4 kg", mass, 250],
    ["¾ kg", mass, 750],
    ["3,5 kg", mass, 3500],
    ["0,250 kg", mass, 250],
    ["1,250.5 g", mass, 1250.5],
    ["1.250,5 g", mass, 1250.5],
    ["⅓ kg", mass, 1000 / 3],
    ["4 lb 6 oz", mass, 4 * 453.59237 + 6 * 28.349523125],
    ["1 kg 200 g", mass, 1200],
    ["12 500 g", mass, 12_500],
    ["1.5 %", plain, 1.5],
    ["7", plain, 7],
  ])("%s", (text, rule, expected) => {
    const read = parseQuantity(text, rule);
    expect(read).toEqual({ ok: true, value: expect.closeTo(expected, 6) });
  });

  test.each([
    ["40 h 47", 40 * 60 + 47],
    ["1 h 30", 90],
    ["1 d 2", 26 * 60],
    ["2 d 3 h", 51 * 60],
    ["1½ h", 90],
    ["3 hours and 5", 185],
  ])("hours %s", (text, minutes) => {
    const read = parseQuantity(text, { dimension: "duration", min: 0, max: 6000 }, 60);
    expect(read).toEqual({ ok: true, value: expect.closeTo(minutes, 6) });
  });

  test.each([
    ["5#", mass, 1, 5 * 453.59237],
    ["1 1/4", { dimension: "length", min: 1, max: 400 } as QuantityRule, 25.4, 31.75],
    ["1¼ in", { dimension: "length", min: 1, max: 400 } as QuantityRule, 25.4, 31.75],
  ])("as an American kitchen writes it: %s", (text, rule, bareFactor, expected) => {
    expect(parseQuantity(text, rule, bareFactor)).toEqual({ ok: true, value: expect.closeTo(expected, 6) });
  });

  test.each([
    ["38 °F", 3.333],
    ["3 °C", 3],
    ["-1", -1],
  ])("temperature %s", (text, celsius) => {
    const read = parseQuantity(text, { dimension: "temperature", min: -5, max: 100 });
    expect(read).toEqual({ ok: true, value: expect.closeTo(celsius, 3) });
  });

  test("a liquid asked for by mass may be given by volume", () => {
    const water: QuantityRule = { ...mass, volumeDensityGPerMl: 1 };
    expect(parseQuantity("4 L", water)).toEqual({ ok: true, value: 4000 });
    expect(parseQuantity("1½ cups", water)).toEqual({ ok: true, value: expect.closeTo(354.88, 2) });
  });

  test("a bare figure is in the unit the field shows", () => {
    expect(parseQuantity("2", { dimension: "duration", min: 0, max: 6000 }, 60)).toEqual({
      ok: true,
      value: 120,
    });
  });
});

describe("parseQuantity says what is wrong", () => {
  test.each([
    ["", { code: "empty" }],
    ["   ", { code: "empty" }],
    ["duck", { code: "not_a_number", text: "duck" }],
    ["2 stones", { code: "unknown_unit", unit: "stones" }],
    ["2 lb 5", { code: "which_unit", text: "2 lb 5", likely: "oz" }],
    ["1 kg 20", { code: "which_unit", text: "1 kg 20", likely: "g" }],
    ["3 oz 5", { code: "which_unit", text: "3 oz 5" }],
    ["5 3", { code: "not_a_number", text: "5 3" }],
    ["2 cups", { code: "wrong_dimension", unit: "cups", wanted: "mass" }],
    ["1,250", { code: "ambiguous_comma", text: "1,250", asThousands: 1250, asDecimal: 1.25 }],
    ["0", { code: "below", value: 0, min: 1 }],
    ["-3", { code: "below", value: -3, min: 1 }],
    ["2000 kg", { code: "above", value: 2_000_000, max: 200_000 }],
  ])("“%s”", (text, error) => {
    expect(parseQuantity(text, mass)).toEqual({ ok: false, error });
  });

  test("a count must be whole", () => {
    const read = parseQuantity("2.5", { dimension: "none", min: 1, max: 9, whole: true });
    expect(read).toEqual({ ok: false, error: { code: "not_whole", value: 2.5 } });
  });

  test("no text at all makes it throw or return a figure out of range", () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const read = parseQuantity(text, mass);
        return !read.ok || (read.value >= mass.min && read.value <= mass.max);
      }),
      { seed: 7, numRuns: 2000 },
    );
  });

  test("a printed figure reads back as itself", () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 1_999_999 }), (tenths) => {
        const value = tenths / 10;
        return parseQuantity(`${value} g`, mass).ok && Math.abs(valueOf(`${value} g`) - value) < 1e-9;
      }),
      { seed: 8, numRuns: 500 },
    );
  });
});

function valueOf(text: string): number {
  const read = parseQuantity(text, mass);
  return read.ok ? read.value : NaN;
}
