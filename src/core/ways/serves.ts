import type { Food } from "../materials/types";
import { PREPARATION_CHOICES, PREPARATIONS, type PreparationChoice } from "../preparations";

/** The preparations that can serve a food at all. @param toC where its middle shall end, °C */
export const choicesFor = (food: Food, toC: number = food.targetC): PreparationChoice[] =>
  PREPARATION_CHOICES.filter((choice) => PREPARATIONS[choice].serves(food, toC));
