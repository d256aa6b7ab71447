/** An amount that is told for so much of the food, or of the water: "2 tsp per pound", "60 g to the litre". */
export interface SaidPer {
  of: "food" | "water";
  grams: number;
  text: string;
}

const PER =
  /\s*\b(?:per|(?:for )?every|for each|to (?:the|every|each)|for (?:a|one))\s+(\d{1,4}(?:[.,]\d+)?)?\s*(kg|kilos?|kilograms?|g|grams?|lbs?|pounds?|l|litres?|liters?|quarts?|gallons?)\b(?:\s+of\s+(?:the\s+)?(?:meat|food|fish|flesh|joint|bird|water|liquid|\w{3,12}))?/i;

/** Of food in grams, of water in grams: a millilitre weighs one. US measures, as the words are. */
const UNITS: [RegExp, SaidPer["of"], number][] = [
  [/^k/i, "food", 1000],
  [/^gallon/i, "water", 3785],
  [/^g/i, "food", 1],
  [/^(?:lb|pound)/i, "food", 453.59237],
  [/^l/i, "water", 1000],
  [/^quart/i, "water", 946],
];

/** What an amount is told for; undefined where it is the whole. */
export function perSaid(line: string): SaidPer | undefined {
  const found = PER.exec(line);
  if (!found) return undefined;
  const [text, figure, unit] = found;
  const times = figure === undefined ? 1 : Number(figure.replace(",", "."));
  const [, of, grams] = UNITS.find(([is]) => is.test(unit)) ?? [];
  return of && grams && times > 0 ? { of, grams: times * grams, text } : undefined;
}

/** How often it is taken, for this food and its water, g; 1 where the amount is the whole. */
export const timesTaken = (per: SaidPer | undefined, foodG: number, waterG: number): number =>
  per === undefined ? 1 : (per.of === "food" ? foodG : waterG) / per.grams;
