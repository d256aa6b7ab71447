/** What amounts said in words stand for; a kitchen may say otherwise. */
export interface WordAmounts {
  /** A pinch of fine salt, g. *Practice*: 0.3 to 0.4. */
  pinchG: number;
  /** A dash of a liquid, mL. *Practice*: an eighth of a teaspoon. */
  dashMl: number;
  /** "To taste": what is put in before anybody tastes, g for each kg of food. *Practice*, a declared start. */
  toTasteG: number;
}

export const USUAL_WORDS: WordAmounts = { pinchG: 0.35, dashMl: 0.6, toTasteG: 1 };

/** Density of fine salt, by which a pinch of anything else is as large, g/mL (salts table). */
const FINE_SALT_G_PER_ML = 1.23;
const JUST_THE_WORD = /^(?:a |an )?(?:good |large |small |generous |level )?/;
const SIZE: [RegExp, number][] = [
  [/\b(?:good|large|generous)\b/, 1.5],
  [/\bsmall\b/, 0.6],
];

/**
 * Grams that an amount said in words stands for: "a pinch", "good pinch", "2 pinches", "a dash", "to taste".
 * @param densityGPerMl of the thing itself; a pinch is a volume between fingers
 * @returns undefined when the words are none of these
 */
export function gramsOfWords(text: string, densityGPerMl: number, words: WordAmounts): number | undefined {
  const said = text.trim().toLowerCase();
  if (said === "to taste") return words.toTasteG;
  const size = SIZE.find(([is]) => is.test(said))?.[1] ?? 1;
  const counted = /^(\d+(?:\.\d+)?)\s+(pinch(?:es)?|dash(?:es)?)$/.exec(said);
  const bare = said.replace(JUST_THE_WORD, "");
  const word = counted?.[2] ?? bare;
  const count = counted ? Number(counted[1]) : size;
  if (/^pinch/.test(word)) return (count * words.pinchG * densityGPerMl) / FINE_SALT_G_PER_ML;
  if (/^dash/.test(word)) return count * words.dashMl * densityGPerMl;
  return undefined;
}
