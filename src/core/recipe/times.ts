import { FIGURE, valueOf } from "./amounts";

/** A stretch of time as it was said, min. */
export interface SaidTime {
  low: number;
  high: number;
  text: string;
  /** Where it stands in the sentence. */
  at: number;
}

/** "Overnight" is eight to fourteen hours, "all day" eight to ten. *Practice*: the words mean no more than that. */
const WORDS: [RegExp, number, number][] = [
  [/\bover ?night\b/gi, 8 * 60, 12 * 60],
  [/\b(?:the|a) night before\b/gi, 8 * 60, 12 * 60],
  [/\b(?:for )?a night\b/gi, 8 * 60, 12 * 60],
  [/\ball day\b/gi, 8 * 60, 10 * 60],
  [/\ball night\b/gi, 8 * 60, 12 * 60],
  [/\bhalf an hour\b/gi, 30, 30],
  [/\b(?:a )?quarter of an hour\b/gi, 15, 15],
  [/\bthree[- ]quarters of an hour\b/gi, 45, 45],
  [/\b(?:an|one) hour and a half\b/gi, 90, 90],
  [/\b(?:an|one) hour and a quarter\b/gi, 75, 75],
  [/\btwo hours and a half\b/gi, 150, 150],
  [/\bthree hours and a half\b/gi, 210, 210],
];
const UNIT = "(minutes?|mins?\\.?|hours?|hrs?\\.?|h|days?|nights?)";
const SAID = new RegExp(
  String.raw`(?<![\w.,/])(${FIGURE})(?:\s*(?:${UNIT})?\s*(?:-|–|—|to|or)\s*(${FIGURE}))?[\s-]*${UNIT}(?![a-z])(?:\s*(?:and\s*)?(\d{1,2})\s*(minutes?|mins?)?(?![\d°%]|\s*(?:g|kg|ml|°|hours?|h)\b)(?=\s*(?:minutes?|mins?)?\b|[.,;)]|$))?`,
  "giu",
);
/** "at least 2 h, no more than 4": the second bound has no unit of its own. */
const BOUNDED =
  /\b(?:at least|minimum(?: of)?|not less than)\b[^.;]*?\b(?:no more than|not more than|at most|maximum(?: of)?|max\.?|up to)\s+(\d+(?:[.,]\d+)?)\b(?!\s*(?:%|°|g\b|ml\b))/i;

/** "170 °C for 90": minutes are meant. */
const BARE_COOK = /°\s*[CF]?\s+for\s+(?:about\s+)?(\d{2,3})(?=\s*(?:[.,;)]|$))/gi;
/** "Rest 20.", "rest for 10": minutes are meant. */
const BARE_REST =
  /\b(?:rest|sit|stand)(?:s|ed|ing)?\s+(?:for\s+|it\s+|them\s+)?(\d{1,2})(?=\s*(?:[.,;)]|$))/gi;

/** A night is as long as "overnight" says; two are a day more. */
const nights = (n: number, hours: number): number => (n - 1) * 1440 + hours * 60;

const minutesOf = (unit: string): number => (/^(?:d|night)/i.test(unit) ? 1440 : /^h/i.test(unit) ? 60 : 1);

/** Every stretch of time a sentence names, in order. */
export function timesIn(sentence: string): SaidTime[] {
  const found: SaidTime[] = [];
  const free = (at: number, length: number) =>
    !found.some((f) => at < f.at + f.text.length && f.at < at + length);
  for (const [word, low, high] of WORDS)
    for (const match of sentence.matchAll(word))
      if (free(match.index, match[0].length)) found.push({ at: match.index, text: match[0], low, high });
  for (const match of sentence.matchAll(SAID)) {
    const [text, first, firstUnit, second, unit, extra, extraUnit] = match;
    // "A minute" is a manner of speaking; "an hour" is meant.
    if (!free(match.index, text.length) || /^an?\s+min/i.test(text)) continue;
    const inNights = /^night/i.test(unit) && valueOf(first) >= 1;
    const last = second === undefined ? valueOf(first) : valueOf(second);
    const low = inNights ? nights(valueOf(first), 8) : valueOf(first) * minutesOf(firstUnit ?? unit);
    const high = inNights ? nights(last, 12) : last * minutesOf(unit);
    const more = extra !== undefined && (extraUnit !== undefined || /^h/i.test(unit)) ? Number(extra) : 0;
    if (low > 0 && high >= low && high < 30 * 1440)
      found.push({ at: match.index, text, low: low + more, high: high + more });
  }
  for (const match of sentence.matchAll(BARE_REST))
    if (free(match.index, match[0].length))
      found.push({ at: match.index, text: match[0], low: Number(match[1]), high: Number(match[1]) });
  for (const match of sentence.matchAll(BARE_COOK)) {
    const at = match.index + match[0].length - match[1].length;
    if (free(at, match[1].length))
      found.push({ at, text: match[1], low: Number(match[1]), high: Number(match[1]) });
  }
  const bounded = BOUNDED.exec(sentence);
  const [only] = found;
  if (bounded && found.length === 1 && only.low === only.high) {
    const per = /\bh|hour/i.test(only.text) ? 60 : /day/i.test(only.text) ? 1440 : 1;
    only.high = Math.max(only.low, Number(bounded[1].replace(",", ".")) * per);
  }
  return found.sort((a, b) => a.at - b.at).reduce<SaidTime[]>((all, time) => ranged(all, time, sentence), []);
}

/** "1 h 40 – 2 h": two times with nothing between them but a dash are one range. */
function ranged(all: SaidTime[], time: SaidTime, sentence: string): SaidTime[] {
  const last = all.at(-1);
  const end = last && last.at + last.text.length;
  if (
    !last ||
    end === undefined ||
    !/^\s*(?:-|–|—|to|or)\s*$/i.test(sentence.slice(end, time.at)) ||
    time.high < last.low
  )
    return [...all, time];
  const text = sentence.slice(last.at, time.at + time.text.length);
  return [...all.slice(0, -1), { at: last.at, text, low: last.low, high: time.high }];
}
