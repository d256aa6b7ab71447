import type { ReadMethod, SaidStage } from "./method";
import { timesIn } from "./times";

/* How long, where and what comes after: what a method says of the soak. */

export const SOAK =
  /\b(?:brin(?:e|ed|es|ing)|marinat(?:e|ed|es|ing)|marinade|soak|submerg|steep|cur(?:e|ed|ing)\b|refrigerat|fridge|larder|chill|cool ?box|esky|worktop|counter|room temp|salt(?:ed)? (?:overnight|for)|leave|left|keep it\b|in on \w+day\b|stands?\b|sits?\b|bathe?s?\b|go(?:es)? in\b|keep covered|put .*\baway)\w*/i;
/** Where a sentence says it stands. */
export function placeOf(text: string): ReadMethod["place"] {
  if (/\b(?:bring|come|warm)\w*\b[^.]*\bto room temp/i.test(text)) return undefined;
  if (/\bcool ?box\b|\besky\b|\bcooler\b|\bice chest\b/i.test(text)) return "cooler";
  // No room stands so cold.
  if (/\b(?:at|to)\s+[0-5]\s*°\s*C\b/i.test(text)) return "fridge";
  const out =
    /\b(?:worktop|work surface|counter|room temp(?:erature)?|kitchen table|on the side|on the bench|in the kitchen|out of the fridge)\b/i;
  const cold = /\b(?:fridge|refrigerat\w*|larder|cold room|chill(?:ed|er)?)\b/i;
  if (out.test(text) && !/\bout of the fridge\b[^.]*\b(?:before|an hour|\d+ min)/i.test(text)) {
    return cold.test(text) && text.search(cold) < text.search(out) ? "fridge" : "room";
  }
  return cold.test(text) ? "fridge" : undefined;
}

const NO_RINSE =
  /\b(?:no|not|without|don[’']?t|do not|never|nor|skip the)\b[^.;,]*\b(?:rins(?:e|ing|ed)|wash(?:ing)?)\b|\brins(?:e|ing)\b[^.;,]*\b(?:not needed|unnecessary|no need)\b/i;

/** The shortest cure that is rinsed off, min. */
const SOAK_LEAST_MIN = 10;

/** Longer in fresh water is a soak of its own, min. */
const RINSE_MOST_MIN = 60;

/** Whether it is rinsed after its soak, and how long; a "do not" anywhere decides. */
export function rinseSaid(sentences: readonly string[]): Pick<ReadMethod, "rinse" | "rinseMin"> {
  if (sentences.some((s) => NO_RINSE.test(s))) return { rinse: false, rinseMin: undefined };
  const soaked = sentences.findIndex((s) => timesIn(s).some((t) => t.high >= SOAK_LEAST_MIN) && SOAK.test(s));
  const rinsed = sentences.find(
    (s, i) => /\brins(?:e|es|ed|ing)\b|\bwash(?:ed)? (?:off|the salt)/i.test(s) && i >= Math.max(0, soaked),
  );
  if (rinsed === undefined || soaked < 0) return { rinse: undefined, rinseMin: undefined };
  const behind = rinsed.slice(rinsed.search(/\b(?:rins|wash)/i));
  const [time] = timesIn(behind).filter((t) => t.high <= RINSE_MOST_MIN);
  return { rinse: true, rinseMin: time && (time.low + time.high) / 2 };
}

/** Out of the cold to lose its chill: no soak. */
const OUT_BEFORE = /\b(?:out of|from) the (?:fridge|refrigerator)\b[^.]*\bbefore\b|\bto room temperature\b/i;

const FURTHER = /\b(?:further|another|more) (?:\d|few|couple|night|half|hour)/i;

/** "Ten minutes, no longer, drain them": where no other word says so, what is drained or lifted out after so long was soaked. */
function drainedAfter(read: ReadMethod): SaidStage | undefined {
  const found = read.stages.find((s) => s.kind !== "soak");
  return found?.kind === "other" && /\b(?:drain|lift(?:ed)? (?:it |them )?out)\b/i.test(found.sentence)
    ? found
    : undefined;
}

/** The longest soak the method names; a shorter one that will do stretches it downward. */
export function soakOf(read: ReadMethod): SaidStage | undefined {
  const soaks = read.stages.filter(
    (s) => s.kind === "soak" && !OUT_BEFORE.test(s.sentence) && !/\b(?:every|stir|turn)/i.test(s.text),
  );
  const [first] = soaks;
  // A dough that sits half an hour is no soak where a longer one follows.
  const longest = first && first.high < 60 ? [...soaks].sort((a, b) => b.high - a.high)[0] : first;
  if (!longest) return drainedAfter(read);
  // "A further ten hours": what comes after adds to it.
  const further = soaks.filter((s) => s !== longest && FURTHER.test(s.sentence));
  if (further.length > 0)
    return {
      ...longest,
      low: longest.low + further.reduce((sum, s) => sum + s.low, 0),
      high: longest.high + further.reduce((sum, s) => sum + s.high, 0),
    };
  const also = soaks.find(
    (s) =>
      s !== longest &&
      s.high < longest.low &&
      /\b(?:ok|enough|will do|hurry|pushed|short of time|at least|minimum)\b/i.test(s.sentence),
  );
  return also ? { ...longest, low: also.low } : longest;
}
