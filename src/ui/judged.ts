import type { Judged } from "@/core/journal/outcome";
import { saltVerdict } from "./say";

export type Scored = "salt" | "evenness" | "texture" | "juiciness" | "surface" | "timing";

/** What is asked of a dinner, and what each step from −2 to +2 says. */
export const ASKED: Record<Scored, { label: string; words: readonly string[] }> = {
  salt: { label: "Salt", words: [-2, -1, 0, 1, 2].map(saltVerdict) },
  evenness: {
    label: "Evenness",
    words: ["only the outside seasoned", "paler inside", "fairly even", "nearly even", "even all through"],
  },
  texture: { label: "Texture", words: ["wrong", "not quite right", "fair", "good", "just right"] },
  juiciness: { label: "Juiciness", words: ["dry", "a little dry", "fair", "juicy", "very juicy"] },
  surface: { label: "Skin or crust", words: ["failed", "poor", "fair", "good", "as it should be"] },
  timing: {
    label: "Timing",
    words: ["far too late", "late", "a little late", "nearly on time", "on the minute"],
  },
};

export const SCORED = Object.keys(ASKED) as Scored[];

/** A score in words; the mean of several eaters reads as the step it is nearest to. */
export const sayScore = (key: Scored, score: number): string =>
  ASKED[key].words[Math.max(0, Math.min(4, Math.round(score) + 2))];

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
export const sayBorneOut = (strength: number): string =>
  strength >= 0.6 ? "most likely" : strength >= 0.25 ? "likely" : "perhaps";

/** How sure the record is of a proposal, as a sentence. @param confidence 0 to 1 */
export const sayHowSure = (confidence: number): string =>
  confidence >= 0.7 ? "Quite sure." : confidence >= 0.45 ? "Fairly sure." : "A guess still.";
