import { parseIngredient } from "parse-ingredient";
import type { MeasureSystem } from "../quantity/spoons";
import { MASS_G, unitFromText, VOLUME_ML } from "../quantity/units";

/** How much of a thing a line asks for, as it says it. */
export type LooseAmount =
  | { kind: "mass"; low: number; high: number }
  | { kind: "volume"; low: number; high: number }
  | { kind: "count"; low: number; high: number; unit: string | null }
  /** "a good pinch", "to taste". */
  | { kind: "words"; words: string }
  | { kind: "unsaid" };

export interface LooseLine {
  text: string;
  name: string;
  /** Grams, millilitres or pieces. */
  amount: LooseAmount;
  optional: boolean;
  /** "For the rub:" */
  isHeading: boolean;
}

/** What the parser's units are, g or mL in one; cups and spoons as an American kitchen has them. */
const UNITS: Record<string, { kind: "mass" | "volume"; factor: number }> = {
  milligram: { kind: "mass", factor: MASS_G.mg },
  gram: { kind: "mass", factor: MASS_G.g },
  kilogram: { kind: "mass", factor: MASS_G.kg },
  ounce: { kind: "mass", factor: MASS_G.oz },
  pound: { kind: "mass", factor: MASS_G.lb },
  milliliter: { kind: "volume", factor: VOLUME_ML.ml },
  centiliter: { kind: "volume", factor: 10 },
  deciliter: { kind: "volume", factor: 100 },
  liter: { kind: "volume", factor: VOLUME_ML.litre },
  teaspoon: { kind: "volume", factor: VOLUME_ML.us_tsp },
  tablespoon: { kind: "volume", factor: VOLUME_ML.us_tbsp },
  "fluid ounce": { kind: "volume", factor: VOLUME_ML.us_fl_oz },
  cup: { kind: "volume", factor: VOLUME_ML.us_cup },
  pint: { kind: "volume", factor: VOLUME_ML.us_pint },
  quart: { kind: "volume", factor: VOLUME_ML.us_quart },
  gallon: { kind: "volume", factor: VOLUME_ML.us_gallon },
};
const METRIC_ML: Record<string, number> = {
  cup: VOLUME_ML.metric_cup,
  tablespoon: VOLUME_ML.metric_tbsp,
  teaspoon: VOLUME_ML.metric_tsp,
};
const PARSING = {
  additionalUOMs: {
    centiliter: { short: "cl", plural: "centiliters", alternates: ["centilitre", "centilitres"] },
  },
};

const NUMBER_WORDS: [RegExp, string][] = [
  [/^half a dozen\s/i, "6 "],
  [/^half an?\s/i, "½ "],
  [/^(?:a|one) dozen\s/i, "12 "],
  [/^(?:an?|one)\s(?=\w)/i, "1 "],
  ...["two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"].map(
    (word, i): [RegExp, string] => [new RegExp(`^${word}\\s`, "i"), `${i + 2} `],
  ),
];
const SAID_IN_WORDS =
  /^((?:an? |\d+ )?(?:good |large |small |generous |big |tiny )?(?:pinch|dash)(?:es)?)(?: of)?\s+(.+)$/i;
const TO_TASTE = /^(.*?),?\s*\(?(?:to|as) (?:taste|needed|required)\)?(.*)$/i;
const JUICE = /^(?:the )?(juice|zest|grated zest)(?: and (?:juice|zest))? (?:of|from)\s+(.+)$/i;
/** A weight or volume in brackets says it more exactly than what stands before it. */
const IN_BRACKETS =
  /\((?:about |approx\.? |roughly )?([\d.,]+)\s*(?:-|–)?\s*([\d.,]+)?\s*(kg|g|grams?|ml|l|litres?|lbs?|pounds?|oz|ounces?)\b[^)]*\)/i;
/** "250 ml/1 cup": the first is read. */
const EITHER =
  /^([\d.,½¼¾⅓⅔]+\s*(?:kg|g|ml|cl|l|oz|lb))\s*\/\s*[\d.,½¼¾⅓⅔\s]+(?:kg|g|ml|cl|l|fl\.? oz|oz|lbs?|cups?|pints?|tbsp|tsp)\.?\s/i;

/** Reads one line of a list of ingredients; what it does not understand stays in the name. */
export function readLine(text: string, measures: MeasureSystem): LooseLine {
  const optional = /\boptional\b/i.test(text);
  const bare = NUMBER_WORDS.reduce((said, [word, figure]) => said.replace(word, figure), tidy(text));
  const line = (name: string, amount: LooseAmount): LooseLine => ({
    text,
    name: nameOf(name),
    amount,
    optional,
    isHeading: false,
  });

  const words = SAID_IN_WORDS.exec(tidy(text));
  if (words) return line(words[2], { kind: "words", words: words[1].toLowerCase() });
  const juice = JUICE.exec(bare);
  if (juice) return squeezed(line, juice[1], juice[2]);
  const taste = TO_TASTE.exec(bare);
  if (taste && !/\d/.test(taste[1])) return line(taste[1] || taste[2], { kind: "words", words: "to taste" });

  const [parsed] = parseIngredient([bare], PARSING);
  if (!parsed) return line(text, { kind: "unsaid" });
  if (parsed.isGroupHeader) return { ...line(text, { kind: "unsaid" }), isHeading: true };
  const bracketed = exactly(bare);
  if (bracketed) return line(parsed.description, bracketed);
  if (parsed.quantity === null) return line(parsed.description, { kind: "unsaid" });
  const low = parsed.quantity;
  const high = Math.max(low, parsed.quantity2 ?? low);
  return line(
    parsed.description,
    amountIn(low, high, parsed.unitOfMeasureID, parsed.unitOfMeasure, measures),
  );
}

/** "juice of 2 lemons": two of the fruit, by its juice. */
function squeezed(
  line: (name: string, amount: LooseAmount) => LooseLine,
  what: string,
  rest: string,
): LooseLine {
  const [fruit] = parseIngredient([rest.replace(/^half an?\s/i, "½ ").replace(/^an?\s/i, "1 ")]);
  const low = fruit?.quantity ?? 1;
  const name = nameOf(fruit?.description ?? rest).replace(/s$/, "");
  const part = /zest/i.test(what) ? "zest" : "juice";
  return line(`${name} ${part}`, {
    kind: "count",
    low,
    high: Math.max(low, fruit?.quantity2 ?? low),
    unit: part,
  });
}

function amountIn(
  low: number,
  high: number,
  unitId: string | null,
  unit: string | null,
  measures: MeasureSystem,
): LooseAmount {
  if (unitId === "pinch" || unitId === "dash") return { kind: "words", words: `${low} ${unitId}` };
  const known = unitId === null ? undefined : UNITS[unitId];
  if (unitId !== null && known) {
    const factor = (measures === "metric" && METRIC_ML[unitId]) || known.factor;
    return { kind: known.kind, low: low * factor, high: high * factor };
  }
  return { kind: "count", low, high, unit };
}

function exactly(text: string): LooseAmount | undefined {
  const found = IN_BRACKETS.exec(text);
  const unit = found && unitFromText(found[3]);
  if (!found || (unit?.dimension !== "mass" && unit?.dimension !== "volume")) return undefined;
  const figure = (said: string) => Number(said.replace(",", ".")) * unit.factor;
  const low = figure(found[1]);
  return Number.isFinite(low)
    ? { kind: unit.dimension, low, high: found[2] ? figure(found[2]) : low }
    : undefined;
}

const tidy = (text: string): string =>
  text
    .replace(/\s+/g, " ")
    .replace(/^(?:about|approx\.?|approximately|around|roughly|scant|heaped|level)\s+/i, "")
    .replace(/\b(milli)?litres?\b/gi, (_, milli: string | undefined) => (milli ? "ml" : "liter"))
    .replace(/\b(kilo|kilogramme|gramme)s?\b/gi, (word) => (/^kilo/i.test(word) ? "kg" : "g"))
    .replace(/\bfl\.\s*oz\b\.?/gi, "fl oz")
    .replace(EITHER, "$1 ")
    .trim();

/** The thing without what is done to it. */
const nameOf = (text: string): string =>
  text
    .replace(/\([^)]*\)/g, " ")
    .replace(/\s+(?:-|–)\s+.*$/, "")
    .replace(/^(?:of|each)\s+/i, "")
    .replace(/\boptional\b|\bplus (?:more|extra).*$/gi, "")
    .replace(/[,;:]\s*$/, "")
    .replace(/\s+/g, " ")
    .trim();
