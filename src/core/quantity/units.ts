import { ofKey } from "../own-key";

/**
 * Units a kitchen meets, each by its exact definition.
 * Sources: NIST Handbook 44 App. C and SP 811 (231 in³ gallon, 0.45359237 kg pound, 25.4 mm inch, 4.54609 L
 * imperial gallon); metric and Australian cups and spoons are kitchen standards (*practice*).
 */
export type Dimension = "mass" | "volume" | "length" | "duration" | "temperature";

const US_GALLON_ML = 231 * 2.54 ** 3;
const IMPERIAL_GALLON_ML = 4546.09;
const POUND_G = 453.59237;

/** Millilitres in one unit. */
export const VOLUME_ML = {
  ml: 1,
  litre: 1000,
  us_tsp: US_GALLON_ML / 768,
  us_tbsp: US_GALLON_ML / 256,
  us_fl_oz: US_GALLON_ML / 128,
  us_cup: US_GALLON_ML / 16,
  us_pint: US_GALLON_ML / 8,
  us_quart: US_GALLON_ML / 4,
  us_gallon: US_GALLON_ML,
  metric_tsp: 5,
  metric_tbsp: 15,
  metric_cup: 250,
  australian_tbsp: 20,
  imperial_fl_oz: IMPERIAL_GALLON_ML / 160,
  imperial_pint: IMPERIAL_GALLON_ML / 8,
  imperial_quart: IMPERIAL_GALLON_ML / 4,
  imperial_gallon: IMPERIAL_GALLON_ML,
} as const;

/** Grams in one unit. */
export const MASS_G = { mg: 0.001, g: 1, kg: 1000, lb: POUND_G, oz: POUND_G / 16 } as const;

/** Millimetres in one unit. */
export const LENGTH_MM = { mm: 1, cm: 10, m: 1000, in: 25.4 } as const;

/** Minutes in one unit. */
export const DURATION_MIN = { min: 1, h: 60, d: 1440 } as const;

/** Degrees Celsius from Fahrenheit; exact, (F − 32) / 1.8. */
export const celsiusFromFahrenheit = (degF: number): number => (degF - 32) / 1.8;

const SPELLINGS: Record<string, { dimension: Dimension; factor: number }> = {};

function spell(dimension: Dimension, factor: number, names: string): void {
  for (const name of names.split(" ")) SPELLINGS[name] = { dimension, factor };
}

spell("mass", MASS_G.mg, "mg");
spell("mass", MASS_G.g, "g gr gram grams gramme grammes");
spell("mass", MASS_G.kg, "kg kilo kilos kilogram kilograms");
spell("mass", MASS_G.lb, "lb lbs pound pounds #");
spell("mass", MASS_G.oz, "oz ounce ounces");
spell("volume", VOLUME_ML.ml, "ml millilitre millilitres milliliter milliliters cc");
spell("volume", 10, "cl");
spell("volume", VOLUME_ML.litre, "l litre litres liter liters ltr");
spell("volume", VOLUME_ML.us_tsp, "tsp teaspoon teaspoons");
spell("volume", VOLUME_ML.us_tbsp, "tbsp tbs tablespoon tablespoons");
spell("volume", VOLUME_ML.us_cup, "cup cups");
spell("volume", VOLUME_ML.us_pint, "pint pints pt");
spell("volume", VOLUME_ML.us_quart, "quart quarts qt");
spell("volume", VOLUME_ML.us_gallon, "gallon gallons gal");
spell("length", LENGTH_MM.mm, "mm");
spell("length", LENGTH_MM.cm, "cm");
spell("length", LENGTH_MM.m, "m");
spell("length", LENGTH_MM.in, 'in inch inches " ″');
spell("duration", DURATION_MIN.min, "min mins minute minutes");
spell("duration", DURATION_MIN.h, "h hr hrs hour hours");
spell("duration", DURATION_MIN.d, "d day days");

/** Cups and spoons of a metric drawer, where they differ from the US ones. */
const METRIC: Record<string, { dimension: Dimension; factor: number }> = Object.fromEntries(
  (
    [
      ["tsp teaspoon teaspoons", VOLUME_ML.metric_tsp],
      ["tbsp tbs tablespoon tablespoons", VOLUME_ML.metric_tbsp],
      ["cup cups", VOLUME_ML.metric_cup],
    ] as const
  ).flatMap(([names, factor]) =>
    names.split(" ").map((name) => [name, { dimension: "volume" as const, factor }]),
  ),
);

/** Looks a written unit up; the factor is to the dimension's base unit (g, mL, mm, min). */
export function unitFromText(
  text: string,
  measures: "us" | "metric" = "us",
): { dimension: Dimension; factor: number } | undefined {
  const name = text.toLowerCase().replace(/\.$/, "");
  return (measures === "metric" ? ofKey(METRIC, name) : undefined) ?? ofKey(SPELLINGS, name);
}
