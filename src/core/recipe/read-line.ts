import { perSaid, type SaidPer } from "./per-said";
import type { MeasureSystem } from "../quantity/spoons";
import {
  amountsIn,
  countAt,
  dialectOf,
  FIGURE,
  percentIn,
  pinchIn,
  valueOf,
  type Amount,
  type Dialect,
} from "./amounts";

/** How much of a thing a line asks for, as it says it. */
export type LooseAmount =
  | { kind: "mass"; low: number; high: number }
  | { kind: "volume"; low: number; high: number }
  | { kind: "count"; low: number; high: number; unit: string | null }
  /** Percent of the food's weight. */
  | { kind: "share"; percent: number; /** Of meat and water together. */ withWater?: boolean }
  /** So many parts of a mix whose weight is told elsewhere. */
  | { kind: "parts"; parts: number }
  /** "a good pinch", "to taste". */
  | { kind: "words"; words: string }
  | { kind: "unsaid" };

export interface LooseLine {
  text: string;
  name: string;
  /** Grams, millilitres or pieces. */
  amount: LooseAmount;
  /** How many pieces it says, where it says that besides a weight. */
  count?: number;
  /** It is told for so much of the food or the water, not for the whole. */
  per?: SaidPer;
  optional: boolean;
  /** "For the rub:" */
  isHeading: boolean;
}

const TO_TASTE =
  /\b(?:to|as per|as you like|by)\s+(?:your\s+)?taste\b|\bas (?:needed|required|you like)\b|\bto season\b/i;
const OPTIONAL =
  /\boptional(?:ly)?\b|\bif (?:you (?:like|fancy|feel|have|must|want)|there is|to hand|available|liked)\b|\bor (?:leave (?:it )?out|not)\b/i;
const EACH = /\b(?:each|apiece|a ?piece|per piece|per (?:fillet|chop|leg|steak|thigh|fish))\b/i;
const JUICE = new RegExp(
  String.raw`\b(?<what>(?:grated |finely grated )?(?:juice|zest|rind)(?:\s*(?:and|&)\s*(?:juice|zest))?)\s+(?:(?:of|from)\s+(?<n>${FIGURE})?|(?<bare>\d{1,2})(?=\s+(?:lemon|lime|orange|grapefruit)))\s*(?<fruit>[a-z][a-z -]*?)s?\b(?=$|[\s,.;)(])`,
  "iu",
);
const JUICED = new RegExp(
  String.raw`^(?<n>${FIGURE})\s+(?:large |small |big |juicy )?(?<fruit>lemon|lime|orange|grapefruit)s?\b[^;]*\b(?<what>juice[d]?|zest(?:ed)?)\b`,
  "iu",
);

const FRUIT_FIRST = new RegExp(
  String.raw`^(?<fruit>lemon|lime|orange|grapefruit)s?\s*[:,–-]\s*(?<what>[a-z &]{0,20}(?:juice|zest)[a-z &]{0,20}) of (?<n>${FIGURE})\s*$`,
  "iu",
);

/** Reads one line of a list of ingredients; what it does not understand stays in the name. */
export function readLine(text: string, measures: MeasureSystem | Dialect): LooseLine {
  const dialect = typeof measures === "string" ? dialectOf("", measures) : measures;
  const bare = tidy(text);
  const optional = OPTIONAL.test(bare);
  const line = (name: string, amount: LooseAmount, count?: number): LooseLine => ({
    text,
    name: nameOf(name),
    amount,
    ...(count !== undefined && { count }),
    optional,
    isHeading: false,
  });
  if (isHeading(bare)) return { ...line(bare, { kind: "unsaid" }), isHeading: true };
  const per = perSaid(bare);
  // The rest is read as if it were the whole.
  if (per) return { ...readLine(bare.replace(per.text, ""), dialect), text, per };

  // "lime or lemon juice" is a juice of either.
  const either = /\b(lemon|lime|orange) or (?:lemon|lime|orange) juice\b/i.exec(bare);
  if (either) return { ...readLine(bare.replace(either[0], `${either[1]} juice`), dialect), text };
  // "Lemon: zest and juice of 1": the fruit stands before.
  const named = FRUIT_FIRST.exec(bare);
  if (named?.groups) {
    const { fruit, what, n } = named.groups;
    const part = /juice/i.test(what) ? "juice" : "zest";
    const count = valueOf(n);
    return line(`${fruit} ${part}`, { kind: "count", low: count, high: count, unit: part });
  }
  const squeezed = JUICE.exec(bare) ?? JUICED.exec(bare);
  if (squeezed?.groups) {
    const { what, n, bare: alone, fruit } = squeezed.groups;
    const part = /juice/i.test(what) ? "juice" : "zest";
    const said = n ?? alone;
    const count = said ? valueOf(said) : 1;
    return line(`${fruit} ${part}`, { kind: "count", low: count, high: count, unit: part });
  }

  const amounts = amountsIn(bare, dialect);
  const counted = countAt(bare);
  const { amount, spans, count } = chosenAmount(bare, amounts, counted);
  if (amount) return line(without(bare, spans), amount, count);
  const taste = TO_TASTE.exec(bare);
  const ratio = /\b(\d+(?:[.,]\d+)?)\s+parts?\b/i.exec(bare);
  if (ratio)
    return line(bare.replace(ratio[0], " "), { kind: "parts", parts: Number(ratio[1].replace(",", ".")) });
  const percent = percentIn(bare);
  if (percent) {
    const withWater = OF_BOTH.test(bare);
    const said = { kind: "share" as const, percent: percent.value, ...(withWater && { withWater }) };
    const whole = OF_WHAT.exec(bare);
    return line(without(bare, [percent, ...(whole ? [spanOf(whole)] : [])]), said);
  }
  const pinch = pinchIn(bare);
  if (pinch) return line(without(bare, [pinch]), { kind: "words", words: pinch.words });
  if (taste) return line(bare.replace(TO_TASTE, " "), { kind: "words", words: "to taste" });
  if (counted)
    return line(bare.slice(counted.end), { kind: "count", low: counted.low, high: counted.high, unit: null });
  const last = /,\s*(\d{1,3})\s*,?\s*$/.exec(bare);
  if (last) {
    const n = Number(last[1]);
    return line(bare.slice(0, last.index), { kind: "count", low: n, high: n, unit: null });
  }
  const inside = new RegExp(String.raw`[:–-]\s*(?<n>${FIGURE})(?=\s+[a-z])`, "iu").exec(bare);
  if (inside?.groups) {
    const n = valueOf(inside.groups.n);
    const rest = bare.slice(inside.index + inside[0].length);
    return line(rest, { kind: "count", low: n, high: n, unit: null });
  }
  return line(bare, { kind: "unsaid" });
}

/** "1.5 % of meat + water": of which weight it is a share. */
const OF_BOTH =
  /\b(?:meat|food|joint|fish|bird|flesh)\s*(?:\+|and|&|plus)\s*(?:the )?(?:water|liquid)\b|\b(?:water|liquid)\s*(?:\+|and|&|plus)\s*(?:the )?(?:meat|food|joint|fish|bird|flesh)\b|\btotal (?:weight|mass)\b/i;
const OF_WHAT =
  /\bof (?:the )?(?:total |combined )?(?:weight of )?(?:the )?(?:meat|food|joint|fish|bird|flesh|water|liquid|total)\b.*$/i;
const spanOf = (match: RegExpExecArray) => ({ start: match.index, end: match.index + match[0].length });

interface Chosen {
  amount?: LooseAmount;
  spans: { start: number; end: number }[];
  count?: number;
}

/** A weight says most, then a measure, then what is counted; "each" multiplies, a plus adds. */
function chosenAmount(
  text: string,
  amounts: readonly Amount[],
  counted: { low: number; high: number; end: number } | undefined,
): Chosen {
  const spans: { start: number; end: number }[] = amounts.map(({ start, end }) => ({ start, end }));
  const mass = amounts.find((a) => a.kind === "mass");
  const volume = amounts.find((a) => a.kind === "volume");
  const best =
    mass && volume && volume.start < mass.start && !isBracketed(text, mass)
      ? (mass ?? volume)
      : (mass ?? volume);
  const pieces = counted && !amounts.some((a) => a.start < counted.end) ? counted : undefined;
  if (best) {
    const all = summed(text, amounts, best);
    const beside = pieces ?? countBefore(text, best);
    const times = beside && EACH.test(text) ? beside.low : 1;
    return {
      amount: { kind: all.kind === "mass" ? "mass" : "volume", low: all.low * times, high: all.high * times },
      spans: pieces ? [...spans, { start: 0, end: pieces.end }] : spans,
      ...(beside ? { count: beside.low } : best.times !== undefined ? { count: best.times } : {}),
    };
  }
  const each = amounts.find((a) => a.kind === "count");
  if (each)
    return { amount: { kind: "count", low: each.low, high: each.high, unit: each.each ?? null }, spans };
  return { spans };
}

/** "Duck legs, 6, about 220 g each": the count stands just before the weight. */
function countBefore(text: string, { start }: Amount): { low: number } | undefined {
  const found =
    /(?:^|[\s,(|:])(\d{1,3})\s*(?:pcs?\.?|nos?\.?|birds?|fillets?|pieces?)?\s*[,x×(]?\s*(?:at |of |about |approx\.? |roughly |pieces? )*$/i.exec(
      text.slice(0, start),
    );
  return found ? { low: Number(found[1]) } : undefined;
}

const isBracketed = (text: string, { start }: Amount): boolean =>
  text.lastIndexOf("(", start) > text.lastIndexOf(")", start);

/** "¼ cup + 1 tbsp": what a plus joins is one amount. */
function summed(text: string, amounts: readonly Amount[], first: Amount): Amount {
  return amounts.reduce((sum, next, i) => {
    const before = amounts[i - 1];
    if (next === first || !before || next.kind !== first.kind || next.start < first.end) return sum;
    const joint = text.slice(before.end, next.start).trim();
    // "2 lb 8 oz" is one weight.
    return /^(?:\+|plus|and|&)$/i.test(joint) ||
      (joint === "" && next.kind === "mass" && next.high < before.low)
      ? { ...sum, low: sum.low + next.low, high: sum.high + next.high }
      : sum;
  }, first);
}

/** "For the glaze:", "THE SAUCE", "### Marinade": it names a part and asks for nothing. */
export function isHeading(text: string): boolean {
  const bare = text.replace(/^#{1,6}\s*/, "").trim();
  if (/^#{1,6}\s/.test(text)) return true;
  if (/^(?:for|to make) (?:the |a |your )?[\w' -]{2,40}:?$/i.test(bare) && !/\d/.test(bare)) return true;
  if (/:$/.test(bare) && !/\d/.test(bare.replace(/\(.*\)/g, ""))) return true;
  return /^[A-ZÀ-Ý][A-ZÀ-Ý '&-]{2,40}$/.test(bare) && !/\d/.test(bare);
}

/** Little pictures and keycap figures before a line. */
export const ORNAMENT = /^(?:\p{Extended_Pictographic}|\u200d|\ufe0f|\d\ufe0f?\u20e3)+\s*/u;

const tidy = (text: string): string =>
  text
    .replace(ORNAMENT, "")
    .replace(/\[[^\]]*\]/g, " ")
    .replace(
      /^(?=(?:small |large |big |good )?(?:bunch|handful|knob|thumb|splash|glug|drizzle|sprig|stick)\b)/i,
      "1 ",
    )
    // A capital T is a tablespoon, a small one a teaspoon; "teasp ." and a letter for the figure one are slips of print.
    .replace(/([\d½¼¾⅓⅔⅛])\s*T\b(?!\w)/g, "$1 tbsp")
    .replace(/([\d½¼¾⅓⅔⅛])\s*t\b(?!\w)/g, "$1 tsp")
    .replace(/\bteasp\b\.?/gi, "tsp")
    // "250 ml/1 cup": the first is read.
    .replace(
      /(\d\s*(?:kg|g|ml|cl|l|oz|lb))\s*\/\s*[\d½¼¾⅓⅔.,\s]+(?:kg|g|ml|cl|l|fl\.? ?oz|oz|lbs?|cups?|pints?|tbsp|tsp)\b\.?/gi,
      "$1",
    )
    // "2,400 g" is two kilograms and more; nobody weighs to the milligram.
    .replace(/(\d{1,3}),(\d{3})(?=\s*(?:g|grams?|ml)\b)/g, "$1$2")
    .replace(/\s+([.,;])/g, "$1")
    .replace(/^l\s+(?=[a-z])/, "1 ")
    .replace(/&frac12;/g, "½")
    .replace(/\*\*|__|`|(?<!\w)\*|\*(?!\w)/g, "")
    .replace(/^\s*\|/, "")
    .replace(/\|\s*$/, "")
    .replace(/\s*\|\s*/g, ", ")
    .replace(/^(?:[-•·▢□☐*]|\d{1,2}[.)](?=\s))\s*/, "")
    .replace(/~/g, "about ")
    .replace(/\s+/g, " ")
    .replace(/^(?:plus|about|approx\.?|approximately|around|roughly|some)\s+(?=\d|½|¼|¾)/i, "")
    .trim();

function without(text: string, spans: readonly { start: number; end: number }[]): string {
  return [...spans]
    .sort((a, b) => b.start - a.start)
    .reduce((rest, { start, end }) => `${rest.slice(0, start)} ${rest.slice(end)}`, text);
}

/** The thing without what is done to it. */
const nameOf = (text: string): string =>
  text
    .replace(/\((?![^)]*\bbone)[^)]*\)/g, " ")
    .trim()
    .replace(/^[^:]{2,24}:\s*(?=\S)/, "")
    .replace(/[()]/g, " ")
    .replace(/\s+(?:-|–|—)\s+.*$/, (tail) => (/^\s+(?:-|–|—)\s+(?:of\s+)?[a-z]/i.test(tail) ? "" : tail))
    .replace(/\b(?:about|approx\.?|roughly|each|apiece|in all|altogether|in total|total)\b/gi, " ")
    .replace(/^\s*[x×]\s/i, " ")
    .replace(/^[\s,;:.–-]*(?:of|the)\b\s*/i, "")
    .replace(/\boptional\b|\bplus (?:more|extra).*$|\bto (?:serve|finish)\b.*$|\bif (?:you|there)\b.*$/gi, "")
    .replace(/\s+or\s+.*$/i, "")
    .replace(/[\s,;:–-]+$/, "")
    .replace(/\s+/g, " ")
    .trim();
