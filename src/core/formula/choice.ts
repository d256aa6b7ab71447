import type { Preparation } from "./model";

/** What a cook picks from: every preparation, and a brine's two schools apart. */
export const PREPARATION_CHOICES = [
  "equilibrium",
  "timed",
  "dry",
  "marinade",
  "paste",
  "rub",
  "crust",
  "cure",
] as const;
export type PreparationChoice = (typeof PREPARATION_CHOICES)[number];

/** Which of the choices a preparation is. */
export function choiceOf(p: Preparation): PreparationChoice {
  switch (p.kind) {
    case "wetBrine":
      return p.school;
    case "dryBrine":
      return "dry";
    case "saltCrust":
      return "crust";
    default:
      return p.kind;
  }
}
