import type { Judged } from "@/core/journal/outcome";
import { saltVerdict } from "./say";
import * as words from "@/words/ui/judged";

export type Scored = "salt" | "evenness" | "texture" | "juiciness" | "surface" | "timing";

/** What is asked of a dinner, and what each step from −2 to +2 says. */
export const ASKED: Record<Scored, { label: string; words: readonly string[] }> = {
  salt: { label: words.salt, words: [-2, -1, 0, 1, 2].map(saltVerdict) },
  evenness: {
    label: words.evenness,
    words: words.evennesses,
  },
  texture: { label: words.texture, words: words.textures },
  juiciness: { label: words.juiciness, words: words.juicinesses },
  surface: { label: words.skinOrCrust, words: words.surfaces },
  timing: {
    label: words.timing,
    words: words.timings,
  },
};

export const SCORED = Object.keys(ASKED) as Scored[];

/** A score in words; the mean of several eaters reads as the step it is nearest to. */
export const sayScore = (key: Scored, score: number): string =>
  ASKED[key].words[Math.max(0, Math.min(4, Math.round(score) + 2))] ?? "";

/** A judgement as one line, each with what it is of: "salt right, texture good". */
export const sayJudged = (judged: Judged): string =>
  SCORED.flatMap((key) => {
    const score = judged[key];
    if (score === undefined) return [];
    const said = sayScore(key, score);
    // Salt's words have it in them.
    return [key === "salt" ? said : `${ASKED[key].label.toLowerCase()}: ${said}`];
  }).join(" · ");

/** How far a batch's own figures bear a reason out. @param strength 0 to 1 */
export const sayBorneOut = (strength: number): string => words.mostLikely(strength);

/** How sure the record is of a proposal, as a sentence. @param confidence 0 to 1 */
export const sayHowSure = (confidence: number): string => words.quiteSure(confidence);
