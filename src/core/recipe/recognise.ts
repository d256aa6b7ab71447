import type { PreparationChoice } from "../preparations";

/** What a preparation is told by: words of the method, and what is weighed out. */
export interface Clues {
  /** Name, ingredients and method, in one text. */
  text: string;
  /** Shares of everything weighed out. */
  saltG: number;
  waterG: number;
  sourG: number;
  flourG: number;
  foodG: number;
  /** How long it lies before it is cooked, h. */
  soakH?: number;
}

export interface Recognised {
  choice: PreparationChoice;
  /** The words it was told by, or what was weighed. */
  because: string;
}

const WORDS: [PreparationChoice, RegExp][] = [
  [
    "crust",
    /\bsalt[- ](?:crust|baked)|\b(?:buried|baked|encased) in salt|\bsalt[- ](?:dough|shell|coat|case)/i,
  ],
  [
    "dry",
    /\bdry[- ]brin\w*|\bsalt(?:ed)? (?:it )?(?:all over|overnight)|\brub (?:it )?(?:all over )?with (?:the )?salt\b/i,
  ],
  // What the packer injected is another matter.
  [
    "injection",
    /\binject(?:ing|or)?\b|\binjection brine\b|\b(?:pump|needle)[- ]brin\w*|\bpump (?:it |them )?(?:full |up )?with (?:the )?brine/i,
  ],
  ["equilibrium", /\bequilibrium[- ]brin\w*/i],
  ["timed", /\bbrin(?:e|ed|ing)\b/i],
  ["cure", /\b(?:quick|short|light)[- ](?:\w+[- ])?cure|\bsalt[- ]sugar\b|\bcured? (?:for|the)\b/i],
  ["paste", /\b(?:spice |miso |herb )?paste\b(?!\s*tomato)/i],
  ["marinade", /\bmarinad\w*|\bmarinat\w*/i],
  ["rub", /\b(?:dry |spice )?rub\b/i],
];
/** A water bath outweighs half of the food; a crust's salt all of it. *Practice*. */
const BATH_SHARE = 0.5;
const CRUST_SHARE = 0.8;
const WEIGHED_ENOUGH = 0.02;
/** So much sour liquid is lain in, share of the food. *Practice*, estimate. */
const BATHED = 0.05;
/** Something thick, and spread: ribs spread out on a tray are no paste. */
const THICKLY =
  /\b(?:miso|mustard|gochujang|tahini|curry paste|spice paste|harissa)\b[^]{0,600}\b(?:spread|smear|plaster|slather)\w*/i;
const SPREAD = /\b(?:spread|smear|plaster|slather)\w*[^]{0,400}\bscrap(?:e|ed|ing)\b/i;

/** A rub by that name, and not what hands do. */
const RUB_ITSELF = /\b(?:the|a|dry|spice|this|my|your|our) rub\b|\brub base\b|\brub:|\brub\s*(?:\n|\()/i;
/** Hours under salt from which it is a dry brine. *Practice*. */
const DRY_FROM_H = 2;
const isDrySalted = ({ saltG, waterG, sourG, foodG, soakH = 0 }: Clues): boolean =>
  saltG / Math.max(1, foodG) > 0.004 && waterG + sourG < 0.02 * foodG && soakH >= DRY_FROM_H;

/** More salt than is eaten, dry, for less than this and rinsed off: a short cure. *Practice*. */
const CURE_MOST_H = 3;
const CURE_SALT_SHARE = 0.018;
const isShortCure = ({ text, saltG, waterG, sourG, foodG, soakH = 0 }: Clues): boolean =>
  saltG / Math.max(1, foodG) > CURE_SALT_SHARE &&
  waterG + sourG < 0.02 * foodG &&
  soakH > 0 &&
  soakH < CURE_MOST_H &&
  /\brins(?:e|ed|ing)\b/i.test(text) &&
  !/\b(?:dry[- ]brin|rub|paste|marinad)/i.test(text);

/** Which preparation a recipe is. Words come first; where there are none, what is weighed out decides. */
export function recognisePreparation(clues: Clues): Recognised {
  const food = Math.max(clues.foodG, 1);
  if (clues.saltG / food > CRUST_SHARE && clues.waterG / food < BATH_SHARE)
    return { choice: "crust", because: "more salt than a brine or rub can hold" };
  if (isShortCure(clues)) return { choice: "cure", because: "much salt for a short while, and rinsed off" };
  for (const [choice, words] of WORDS) {
    const found = words.exec(clues.text);
    if (!found || ((choice === "timed" || choice === "equilibrium") && clues.waterG / food < BATH_SHARE / 2))
      continue;
    // A paste of a jar in a marinade makes no paste of it.
    if (choice === "paste" && /\bmarinad|\bmarinat/i.test(clues.text) && clues.flourG === 0) continue;
    // What hands do with a cup of something wet makes no rub of it.
    if (choice === "rub" && clues.sourG / food > BATHED && !RUB_ITSELF.test(clues.text)) continue;
    // Salted and left for hours with nothing wet about it: a rub's words, a dry brine's work.
    if (choice === "rub" && isDrySalted(clues) && !RUB_ITSELF.test(clues.text))
      return { choice: "dry", because: "salted, and left to stand" };
    return { choice, because: `“${found[0].trim()}”` };
  }
  if (isDrySalted(clues)) return { choice: "dry", because: "salted, and left to stand" };
  if (clues.waterG / food > BATH_SHARE && clues.saltG > 0)
    return { choice: "timed", because: "salt in much water" };
  if (clues.sourG / food > WEIGHED_ENOUGH)
    return SPREAD.test(clues.text)
      ? { choice: "paste", because: "spread on, and scraped off again" }
      : { choice: "marinade", because: "something sour to lie in" };
  if (THICKLY.test(clues.text)) return { choice: "paste", because: "spread on thickly" };
  return clues.waterG + clues.sourG > 0
    ? { choice: "marinade", because: "something wet to lie in" }
    : { choice: "rub", because: "dry things only" };
}
