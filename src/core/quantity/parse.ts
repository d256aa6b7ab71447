import { numericQuantity } from "numeric-quantity";
import pluralize from "pluralize";
import { err, ok, type Result } from "../result";
import type { MeasureSystem } from "./spoons";
import { gramsOfWords, type WordAmounts } from "./words";
import { celsiusFromFahrenheit, DURATION_MIN, MASS_G, unitFromText, type Dimension } from "./units";

/** Why a typed amount could not be read. Facts only; the screen makes the sentence. */
export type QuantityError =
  | { code: "empty" }
  | { code: "not_a_number"; text: string }
  | { code: "unknown_unit"; unit: string }
  /** A figure without a unit after one that has its own: "2 lb 5". `likely` is the next smaller unit, where one is usual. */
  | { code: "which_unit"; text: string; likely?: string }
  | { code: "wrong_dimension"; unit: string; wanted: Dimension | "none" }
  | { code: "ambiguous_comma"; text: string; asThousands: number; asDecimal: number }
  | { code: "not_whole"; value: number }
  | { code: "below"; value: number; min: number }
  | { code: "above"; value: number; max: number };

export interface QuantityRule {
  /** What is measured; "none" for counts, ratios and percentages. */
  dimension: Dimension | "none";
  min: number;
  max: number;
  whole?: boolean;
  /** For a liquid asked for by mass: g/mL at which a volume is read as well. */
  volumeDensityGPerMl?: number | undefined;
  /** Things that are counted: what one weighs and what it is called, so that "3 cloves" reads. */
  each?: { massG: number; unit: string };
  /** Whose cups and spoons are meant; left out, the US ones. */
  measures?: MeasureSystem;
  /** What words such as "a pinch" stand for; read only where a density is given too. */
  words?: WordAmounts;
}

const VULGAR = "¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞";
const MIXED = "(?:\\d+\\s+)?\\d+\\s*[/⁄]\\s*\\d+";
const PLAIN = `\\d[\\d.,]*(?:[ \\u00a0\\u202f]\\d{3}(?!\\d))*(?:\\s*[${VULGAR}])?`;
const UNIT = `[^\\d\\s+\\-${VULGAR}.,]*\\.?`;
// A figure, then the word after it: "4 lb", "1½ cups", "2 1/2kg", "3 640 g".
const PART = new RegExp(
  `\\s*([+-]?(?:${MIXED}|${PLAIN}|[${VULGAR}]))\\s*(${UNIT})\\s*(?:and\\b|,|\\+)?`,
  "uy",
);

function readFigure(text: string): Result<number, QuantityError> {
  let figure = text.trim().replace(/(\d)[ \u00a0\u202f](?=\d{3}(?!\d))(?!\d+\s*[/⁄])/g, "$1");
  const lone = /^[+-]?([1-9]\d{0,2}),(\d{3})$/.exec(figure);
  if (lone) {
    return err({
      code: "ambiguous_comma",
      text: figure,
      asThousands: Number(figure.replace(",", "")),
      asDecimal: Number(figure.replace(",", ".")),
    });
  }
  // "1.250,5" groups by points; "1,250.5" by commas; "3,5" is a decimal.
  if (/\.\d{3},/.test(figure)) figure = figure.replaceAll(".", "").replace(",", ".");
  else if (/,\d{3}(?=[,.])/.test(figure)) figure = figure.replace(/,(?=\d{3})/g, "");
  else if (/^[^,]*,[^,]*$/.test(figure) && !figure.includes(".")) figure = figure.replace(",", ".");
  const negative = figure.startsWith("-");
  const value = numericQuantity(figure.replace(/^[+-]/, ""), { round: false });
  return Number.isFinite(value) ? ok(negative ? -value : value) : err({ code: "not_a_number", text });
}

/**
 * Reads what a cook types or pastes: "2 kg", "4 lb 6 oz", "1½ cups", "3,5", "3 640 g", "38 °F".
 * A bare figure is taken to be in `bareFactor` base units.
 * @returns the amount in the base unit of the dimension (g, mL, mm, min, °C), unrounded
 */
export function parseQuantity(
  text: string,
  rule: QuantityRule,
  bareFactor = 1,
): Result<number, QuantityError> {
  const trimmed = text.trim();
  if (trimmed === "") return err({ code: "empty" });
  const inWords = rule.words && gramsOfWords(trimmed, rule.volumeDensityGPerMl ?? 1, rule.words);
  if (inWords !== undefined) return checkRange(inWords, rule);
  let total = 0;
  let before: string | undefined;
  PART.lastIndex = 0;
  while (PART.lastIndex < trimmed.length) {
    const part = PART.exec(trimmed);
    // "1 30" is no amount: two figures with nothing between them.
    if (!part || before === "") return err({ code: "not_a_number", text: trimmed });
    const [, figureText = "", unitText = ""] = part;
    const figure = readFigure(figureText);
    if (!figure.ok) return figure;
    const unit = before !== undefined && unitText === "" ? nextSmaller(before) : unitText;
    if (unit === undefined || (before !== undefined && unitText === "" && rule.dimension !== "duration"))
      return err({ code: "which_unit", text: trimmed, ...(unit && { likely: unit }) });
    before = unit;
    const inBase = toBase(figure.value, unit, rule, bareFactor);
    if (!inBase.ok) return inBase;
    total += inBase.value;
  }
  return checkRange(total, rule);
}

/** What usually follows a unit when nobody says it: "40 h 47", "2 lb 5". */
function nextSmaller(unit: string): string | undefined {
  const { dimension, factor } = unitFromText(unit) ?? {};
  if (dimension === "duration")
    return factor === DURATION_MIN.d ? "h" : factor === DURATION_MIN.h ? "min" : undefined;
  if (dimension === "mass") return factor === MASS_G.lb ? "oz" : factor === MASS_G.kg ? "g" : undefined;
  return undefined;
}

function toBase(
  value: number,
  unit: string,
  rule: QuantityRule,
  bareFactor: number,
): Result<number, QuantityError> {
  if (unit === "") return ok(value * bareFactor);
  if (rule.dimension === "none") {
    return unit === "%" || unit === "×" || unit === "x"
      ? ok(value * bareFactor)
      : err({ code: "wrong_dimension", unit, wanted: "none" });
  }
  if (rule.dimension === "temperature") {
    const scale = unit.replace("°", "").toLowerCase();
    if (scale === "c" || unit === "°") return ok(value);
    if (scale === "f") return ok(celsiusFromFahrenheit(value));
    return err({ code: "unknown_unit", unit });
  }
  if (rule.each && isCountOf(unit, rule.each.unit)) return ok(value * rule.each.massG);
  const known = unitFromText(unit, rule.measures);
  if (!known) return err({ code: "unknown_unit", unit });
  if (known.dimension === "volume" && rule.volumeDensityGPerMl !== undefined)
    return ok(value * known.factor * rule.volumeDensityGPerMl);
  if (known.dimension !== rule.dimension)
    return err({ code: "wrong_dimension", unit, wanted: rule.dimension });
  return ok(value * known.factor);
}

/** "clove", "cloves", "leaf", "leaves", "eggs" of "large egg": the thing's own name, one or many, or plainly "pieces". */
function isCountOf(word: string, unit: string): boolean {
  const said = pluralize.singular(word.toLowerCase().replace(/\.$/, ""));
  const names = unit.split(/[ ,]+/).filter((part) => /^[a-z]{3,}$/.test(part) && part !== "large");
  return ["piece", "each", "pc"].includes(said) || names[0] === said;
}

function checkRange(value: number, rule: QuantityRule): Result<number, QuantityError> {
  if (rule.whole && !Number.isInteger(value)) return err({ code: "not_whole", value });
  if (value < rule.min) return err({ code: "below", value, min: rule.min });
  if (value > rule.max) return err({ code: "above", value, max: rule.max });
  return ok(value);
}
