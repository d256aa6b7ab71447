/** A stretch of time as it was said, min. */
export interface SaidTime {
  low: number;
  high: number;
  text: string;
}

/** "Overnight" is eight to twelve hours, "all day" eight to ten. *Practice*: the words mean no more than that. */
const WORDS: [RegExp, number, number][] = [
  [/\bovernight\b/gi, 8 * 60, 12 * 60],
  [/\ball day\b/gi, 8 * 60, 10 * 60],
  [/\ball night\b/gi, 8 * 60, 12 * 60],
  [/\bhalf an hour\b/gi, 30, 30],
  [/\ban hour and a half\b/gi, 90, 90],
];
const NUMBER = "(\\d+(?:[.,]\\d+)?(?:\\s*[½¼¾])?|[½¼¾]|an?|one|two|three|four|five|six|eight|ten|twelve)";
const UNIT = "(minutes?|mins?|hours?|hrs?|h|days?)";
const SAID = new RegExp(
  `\\b${NUMBER}(?:\\s*(?:${UNIT})?\\s*(?:-|–|to|or)\\s*${NUMBER})?[\\s-]*${UNIT}\\b(?:\\s*(?:and\\s*)?(\\d+)\\s*(?:minutes?|mins?)\\b)?`,
  "gi",
);
const COUNT: Record<string, number> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
};
const PART: Record<string, number> = { "½": 0.5, "¼": 0.25, "¾": 0.75 };

function countOf(text: string): number {
  const said = text.trim().toLowerCase();
  const part = PART[said.slice(-1)] ?? 0;
  const whole = part > 0 ? said.slice(0, -1).trim() : said;
  return (COUNT[whole] ?? (whole === "" ? 0 : Number(whole.replace(",", ".")))) + part;
}

const minutesOf = (unit: string): number => (/^d/i.test(unit) ? 1440 : /^h/i.test(unit) ? 60 : 1);

/** Every stretch of time a sentence names, in order. */
export function timesIn(sentence: string): SaidTime[] {
  const found: (SaidTime & { at: number })[] = [];
  const free = (at: number, length: number) =>
    !found.some((f) => at < f.at + f.text.length && f.at < at + length);
  for (const [word, low, high] of WORDS)
    for (const match of sentence.matchAll(word))
      if (free(match.index, match[0].length)) found.push({ at: match.index, text: match[0], low, high });
  for (const match of sentence.matchAll(SAID)) {
    const [text, first, firstUnit, second, unit, extra] = match;
    // "A minute" is a manner of speaking; "an hour" is meant.
    if (!free(match.index, text.length) || /^an?\s+min/i.test(text)) continue;
    const low = countOf(first) * minutesOf(firstUnit ?? unit);
    const high = (second === undefined ? countOf(first) : countOf(second)) * minutesOf(unit);
    const more = Number(extra ?? 0);
    if (low > 0 && high >= low && high < 30 * 1440)
      found.push({ at: match.index, text, low: low + more, high: high + more });
  }
  return found.sort((a, b) => a.at - b.at).map(({ low, high, text }) => ({ low, high, text }));
}
