import type { Formulated } from "../formula/formulate";
import type { Cook, Formulation } from "../formulation";
import type { Exit } from "./exits";

/** What a program is derived from. */
export interface WorkedDish {
  input: Formulation;
  sheet: Formulated;
  cook: Cook;
  exits: Exit[];
  /** Hours the soak is taken to last: the cook's, or as a plan stretched it. */
  soakH: number;
}

export const HOUR = 60;

/** Baked in what it is packed in: it goes in where others are put to soak. */
export const isCrust = ({ sheet }: WorkedDish): boolean => sheet.crust !== undefined;

/** Nothing stands: it goes into the heat as soon as it is coated. */
export const noSoak = (dish: WorkedDish): boolean => !isCrust(dish) && dish.soakH < LEAST_SOAK_H;

/** Shorter than this nothing stands: it goes on, and into the heat, h. */
export const LEAST_SOAK_H = 1 / 60;

/** Its salt lies on the food, under the mixture. */
export const saltedFirst = ({ input: { preparation: p } }: WorkedDish): boolean =>
  (p.kind === "marinade" || p.kind === "paste") && p.school === "onFoodFirst";
