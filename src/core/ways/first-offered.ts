import { newFormulation, USUAL_WANTED } from "../formula/offer/defaults";
import type { Formulation } from "../formulation";
import type { Food } from "../materials/types";
import { remembered } from "../remembered";
import { withWay } from "./take";
import { waysFor } from "./ways";

/** A night and a morning: what a cook who has not said a time is taken to have. */
const UNTIL_TOMORROW_H = 24;

/** Every empty Bench begins with it; the ways of a piece take a while. */
const offered = remembered<Formulation>(16);

/**
 * An empty Bench: the food as the table has it, in the way that suits it best by this time tomorrow.
 * @param wanted salt in finished flesh, mass fraction: the kitchen's own, where it has one
 */
export const firstOffered = (food: Food, wanted = USUAL_WANTED): Formulation =>
  offered(JSON.stringify([food, wanted]), () => {
    const usual = newFormulation(food);
    const f = { ...usual, preparation: { ...usual.preparation, targetFraction: wanted } };
    const [best] = waysFor(f, UNTIL_TOMORROW_H);
    return best ? withWay(f, best) : f;
  });
