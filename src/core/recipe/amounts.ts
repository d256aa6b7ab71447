import { ofKey } from "../own-key";
import { MASS_G, VOLUME_ML } from "../quantity/units";

/*
 * Amounts as cooks write them: figures in digits, fractions and words, ranges, units of the recipe's own dialect, and the
 * words that make a spoon scant or heaped. One small grammar: a figure, a manner, a unit.
 */

/** Whose cups, spoons and pints a recipe means. */
export interface Dialect {
  cupMl: number;
  tbspMl: number;
  tspMl: number;
  pintMl: number;
}

const US: Dialect = {
  cupMl: VOLUME_ML.us_cup,
  tbspMl: VOLUME_ML.us_tbsp,
  tspMl: VOLUME_ML.us_tsp,
  pintMl: VOLUME_ML.us_pint,
};
const METRIC: Dialect = {
  cupMl: VOLUME_ML.metric_cup,
  tbspMl: VOLUME_ML.metric_tbsp,
  tspMl: VOLUME_ML.metric_tsp,
  pintMl: VOLUME_ML.imperial_pint,
};

/** A recipe that says what its own spoon or cup holds is obeyed. */
const OWN = (unit: string) =>
  new RegExp(
    String.raw`(?:(?<![\w.,/])(${FIGURE})\s{0,3})?\b(?:${unit})s?\s*(?:=|is|are|means|of|\()\s*(\d{1,3}(?:[.,]\d)?)\s*ml`,
    "iu",
  );
/** What a spoon or a cup of that name may hold, mL: "2 tablespoons (40 ml)" speaks of two. */
const PLAUSIBLE_ML: Record<string, [number, number]> = { tbsp: [12, 22], tsp: [4, 6], cup: [180, 300] };
const AUSTRALIAN = /\baustralian?\b|\b(?:aussie|arvo|barbie)\b|\bAU\b/i;
const AMERICAN = /\d\s*°?\s*F\b|\bfahrenheit\b|\b(?:lbs?|pounds?|ounces?|sticks?|quarts?)\b|\d\s*oz\b/i;
/** A pint is the larger one wherever nothing says America. */
const AMERICAN_MEASURES = /\bcups?\b|\bquarts?\b|\bsticks?\b|\bgallons?\b|\d\s*°?\s*F\b|\bfahrenheit\b/i;
const BRITISH = /\bgas(?: mark)?\s*\d|\bcaster\b|\bpints?\b(?![^.]*\bcups?\b)|\d\s*°?\s*C\b/i;

/** The dialect a whole text is written in. @param usual where nothing tells */
export function dialectOf(text: string, usual: "us" | "metric"): Dialect {
  const american = AMERICAN.test(text);
  const base = american ? US : BRITISH.test(text) ? METRIC : usual === "us" ? US : METRIC;
  const said = (unit: string, which: keyof typeof PLAUSIBLE_ML) => {
    const found = OWN(unit).exec(text);
    if (!found) return undefined;
    const ml = Number(found[2].replace(",", ".")) / (found[1] ? valueOf(found[1]) : 1);
    const [least, most] = PLAUSIBLE_ML[which];
    return ml >= least && ml <= most ? ml : undefined;
  };
  const tbspMl =
    said("T|tbsp|tablespoon", "tbsp") ?? (AUSTRALIAN.test(text) ? VOLUME_ML.australian_tbsp : base.tbspMl);
  return {
    ...base,
    pintMl:
      AMERICAN_MEASURES.test(text) || (usual === "us" && !BRITISH.test(text))
        ? VOLUME_ML.us_pint
        : VOLUME_ML.imperial_pint,
    tbspMl,
    cupMl: said("cup", "cup") ?? base.cupMl,
    tspMl: said("t|tsp|teaspoon", "tsp") ?? base.tspMl,
  };
}

const WORD_VALUE: Record<string, number> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  eighteen: 18,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
  hundred: 100,
  dozen: 12,
  couple: 2,
};
const VULGAR: Record<string, number> = {
  "¼": 1 / 4,
  "½": 1 / 2,
  "¾": 3 / 4,
  "⅓": 1 / 3,
  "⅔": 2 / 3,
  "⅛": 1 / 8,
  "⅜": 3 / 8,
  "⅝": 5 / 8,
  "⅞": 7 / 8,
  "⅕": 1 / 5,
};
const GLYPH = `[${Object.keys(VULGAR).join("")}]`;
const TENS = "twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety";
const UNITS_IN_WORDS = "one|two|three|four|five|six|seven|eight|nine";
const IN_WORDS = String.raw`(?:(?:${TENS})[- ](?:${UNITS_IN_WORDS})|half an?|half|a quarter(?: of an?)?|a dozen|half a dozen|a couple(?: of)?|${Object.keys(
  WORD_VALUE,
)
  .filter((w) => w !== "a" && w !== "an")
  .join("|")}|an?)(?: and a half)?`;
const IN_DIGITS = String.raw`(?:\d+(?:\s+|-)\d+\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d+\s*${GLYPH}|${GLYPH}|\d{1,3}(?:[ \u202f]\d{3}){1,2}(?!\d| \d)(?:[.,]\d+)?|\d+(?:[.,]\d+)?)`;
export const FIGURE = String.raw`(?:${IN_DIGITS}|\b${IN_WORDS}\b)`;
const BETWEEN = String.raw`\s*(?:-|–|—|to|or|bis)\s*`;

/** What a written figure is; NaN for none. */
export function valueOf(text: string): number {
  let said = text
    .trim()
    .toLowerCase()
    .replace(/[\u202f\u00a0]/g, " ");
  let more = 0;
  if (said.endsWith(" and a half")) {
    more = 0.5;
    said = said.slice(0, -11).trim();
  }
  const mixed = /^(?:(\d+)(?:\s+|-))?(\d+)\s*[/⁄]\s*(\d+)$/.exec(said);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]) + more;
  const glyph = VULGAR[said.slice(-1)];
  if (glyph !== undefined) {
    const whole = said.slice(0, -1).trim();
    return (whole === "" ? 0 : Number(whole)) + glyph + more;
  }
  if (/^\d/.test(said)) return Number(said.replace(/(\d) (?=\d{3})/g, "$1").replace(",", ".")) + more;
  if (/^half a dozen/.test(said)) return 6;
  if (/^a dozen/.test(said)) return 12;
  if (/^a couple/.test(said)) return 2;
  if (/^half/.test(said)) return 0.5 + more;
  if (/^a quarter/.test(said)) return 0.25 + more;
  const [tens, ones] = said.split(/[- ]/);
  return (ofKey(WORD_VALUE, tens) ?? NaN) + (ones ? (ofKey(WORD_VALUE, ones) ?? NaN) : 0) + more;
}

export type UnitKind = "mass" | "volume" | "count";
interface Unit {
  kind: UnitKind;
  /** g, mL or pieces in one. */
  factor: (d: Dialect) => number;
  /** What is counted, where that tells what it is: a clove of garlic, a leaf of bay. */
  each?: string | undefined;
}
const fixedAt = (kind: UnitKind, factor: number, each?: string): Unit => ({
  kind,
  factor: () => factor,
  each,
});

/** Spellings of every unit, longest first within the grammar. */
const UNITS: [string, Unit][] = [
  ["kilogram(?:me)?s?|kilos?|kgs?", fixedAt("mass", 1000)],
  ["milligrams?|mg", fixedAt("mass", 0.001)],
  ["gram(?:me)?s?|gms?|grs?|g", fixedAt("mass", 1)],
  ["pounds?|lbs?|#", fixedAt("mass", MASS_G.lb)],
  ["fl(?:uid)?\\.? ?(?:oz|ounces?)\\.?", fixedAt("volume", VOLUME_ML.us_fl_oz)],
  ["ounces?|ozs?", fixedAt("mass", MASS_G.oz)],
  ["millilit(?:re|er)s?|mls?|cc", fixedAt("volume", 1)],
  ["centilit(?:re|er)s?|cl", fixedAt("volume", 10)],
  ["decilit(?:re|er)s?|dl", fixedAt("volume", 100)],
  ["lit(?:re|er)s?|ltrs?|l", fixedAt("volume", 1000)],
  ["cupfuls?|cups?|c", { kind: "volume", factor: (d) => d.cupMl }],
  ["table ?spoon(?:ful)?s?|tbsps?|tbs|tblsps?|tbls?", { kind: "volume", factor: (d) => d.tbspMl }],
  ["dessert ?spoon(?:ful)?s?|dsp", fixedAt("volume", 10)],
  ["tea ?spoon(?:ful)?s?|tsps?", { kind: "volume", factor: (d) => d.tspMl }],
  ["pints?|pts?", { kind: "volume", factor: (d) => d.pintMl }],
  ["quarts?|qts?", fixedAt("volume", VOLUME_ML.us_quart)],
  ["us gallons?|gallons?|gals?", fixedAt("volume", VOLUME_ML.us_gallon)],
  ["sticks?(?= (?:of )?(?:un)?(?:salted )?butter)", fixedAt("mass", 113.4)],
  ["spoon(?:ful)?s?", { kind: "volume", factor: (d) => d.tbspMl }],
  ["mugs?|mugfuls?", fixedAt("volume", 300)],
  ["glass(?:es)?", fixedAt("volume", 175)],
  ["splash(?:es)?|glugs?", fixedAt("volume", 15)],
  ["drizzles?", fixedAt("volume", 10)],
  ["knobs?(?= (?:of )?(?:\\w+ )?butter)", fixedAt("mass", 15)],
  [
    "(?:thumb(?:[- ]sized)?(?: pieces?)?|knobs?)(?= (?:of )?(?:fresh |root )*(?:ginger|galangal|turmeric))",
    fixedAt("mass", 18),
  ],
  ["handfuls?", fixedAt("mass", 15)],
  ["small bunch(?:es)?", fixedAt("mass", 20)],
  ["bunch(?:es)?", fixedAt("mass", 30)],
  ["cloves?", fixedAt("count", 1, "clove")],
  ["leaves|leaf", fixedAt("count", 1, "leaf")],
  ["sprigs?|stems?", fixedAt("count", 1, "sprig")],
  ["stalks?|ribs?(?= (?:of )?celery)", fixedAt("count", 1, "stalk")],
  ["heads?|bulbs?", fixedAt("count", 1, "head")],
  ["slices?|strips?|pieces?|chunks?", fixedAt("count", 1)],
];
const UNIT_ALONE = UNITS.map(([spelling], i) => `(?<u${i}>${spelling})`).join("|");
const MANNER = String.raw`(?:(?<manner>scant|heap(?:ed|ing)|rounded|level|generous|good|big|large|small|fat|full|even)\s+)*`;
const MANNERS: Record<string, number> = {
  scant: 0.9,
  heaped: 1.5,
  heaping: 1.5,
  rounded: 1.25,
  level: 1,
  generous: 1.2,
  good: 1.15,
  big: 1.15,
  fat: 1.15,
};

/** "1¼ cup", "2 heaped tbsp", "about 10 to 12 oz", "2 x 400 g": one amount, wherever it stands. */
const AMOUNT = new RegExp(
  String.raw`(?<![\w.,/])(?:(?<times>${FIGURE})\s*[x×]\s*)?(?<low>${FIGURE})(?:${BETWEEN}(?<high>${FIGURE}))?(?:[- ]|\s*)${MANNER}(?:(?:${UNIT_ALONE})(?![\w%]))`,
  "giu",
);
const PINCH = new RegExp(
  String.raw`(?<![\w])(?:(?<n>${FIGURE})\s+)?(?:(?<size>good|large|small|generous|big|tiny|fat|three-finger(?:ed)?)\s+)*(?<word>pinch|dash)(?:es)?\b`,
  "iu",
);

export interface Amount {
  kind: UnitKind;
  low: number;
  high: number;
  each?: string;
  /** "2 × 1.2 kg": how many of so much. */
  times?: number;
  /** Where it stands in the text. */
  start: number;
  end: number;
}

/** Every amount with a unit that a text names, in order. */
export function amountsIn(text: string, dialect: Dialect): Amount[] {
  return [...text.matchAll(AMOUNT)].flatMap((match): Amount[] => {
    const groups = match.groups ?? {};
    const index = UNITS.findIndex((_, i) => groups[`u${i}`] !== undefined);
    const unit = UNITS[index]?.[1];
    const low = valueOf(groups.low);
    if (!unit || !Number.isFinite(low)) return [];
    const times = groups.times ? valueOf(groups.times) : 1;
    const factor = unit.factor(dialect) * (ofKey(MANNERS, (groups.manner ?? "").toLowerCase()) ?? 1) * times;
    const high = groups.high ? valueOf(groups.high) : low;
    return [
      {
        kind: unit.kind,
        low: low * factor,
        high: Math.max(low, Number.isFinite(high) ? high : low) * factor,
        ...(unit.each && { each: unit.each }),
        ...(times > 1 && { times }),
        start: match.index,
        end: match.index + match[0].length,
      },
    ];
  });
}

/** "a good pinch", "2 dashes": words for an amount. */
export function pinchIn(text: string): { words: string; start: number; end: number } | undefined {
  const match = PINCH.exec(text);
  if (!match?.groups) return undefined;
  const n = match.groups.n ? valueOf(match.groups.n) : 1;
  const { size, word } = match.groups;
  const words = n === 1 ? `${size ? `${size} ` : ""}${word}` : `${n} ${word}`;
  return { words: words.toLowerCase(), start: match.index, end: match.index + match[0].length };
}

const COUNT = new RegExp(
  String.raw`^(?<low>${FIGURE})(?:${BETWEEN}(?<high>${FIGURE}))?(?![\w%°]|[.,]\d)\s*`,
  "iu",
);

/** A figure at the very start that counts things: "4 chops", "two green chillies". */
export function countAt(text: string): { low: number; high: number; end: number } | undefined {
  const match = COUNT.exec(text);
  if (!match?.groups) return undefined;
  const low = valueOf(match.groups.low);
  const high = match.groups.high ? valueOf(match.groups.high) : low;
  return Number.isFinite(low) ? { low, high: Math.max(low, high), end: match[0].length } : undefined;
}

/** A share of the meat: "1.2 %". */
export function percentIn(text: string): { value: number; start: number; end: number } | undefined {
  const match = /(?<![\w.,])(\d+(?:[.,]\d+)?)\s*(?:%|per ?cent)/i.exec(text);
  return match
    ? { value: Number(match[1].replace(",", ".")), start: match.index, end: match.index + match[0].length }
    : undefined;
}
