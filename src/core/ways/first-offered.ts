import { newFormulation } from "../formula/defaults";
import type { Formulation } from "../formula/model";
import type { Food } from "../materials/types";
import { withWay } from "./take";
import { waysFor } from "./ways";

/** A night and a morning: what a cook who has not said a time is taken to have. */
const UNTIL_TOMORROW_H = 24;

/** An empty Bench: the food as the table has it, in the way that suits it best by this time tomorrow. */
export function firstOffered(food: Food): Formulation {
  const f = newFormulation(food);
  const [best] = waysFor(f, UNTIL_TOMORROW_H);
  return best ? withWay(f, best) : f;
}
