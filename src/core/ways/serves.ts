import type { Food } from "../materials/types";
import { PREPARATION_CHOICES, PREPARATIONS, type PreparationChoice } from "../preparations";

/** The preparations that can serve a food at all. */
export const choicesFor = (food: Food): PreparationChoice[] =>
  PREPARATION_CHOICES.filter((choice) => PREPARATIONS[choice].serves(food));
