import type { Poured } from "../formula/weigh/as-poured";
import type { Formulation } from "../formulation";
import { isBaked } from "../preparations";

/** What does not change the sums' heavy part: the soak need not run again when only these do. */
const light = (f: Formulation) => ({ ...f, pullH: 0, portions: 1, name: "", notes: "", cook: crustCook(f) });

/**
 * A crust's oven and core temperature decide its bake; of a joint taken apart its parts decide where the salt ends. For the
 * rest the cook comes after the soak.
 */
const crustCook = (f: Formulation) => (isBaked(f) || f.cook?.apart ? f.cook : undefined);

/**
 * Everything the soak of a formulation depends on, as text.
 * @param rateFactor as it was learned here
 * @param poured where it was weighed out already
 */
export const soakKey = (f: Formulation, rateFactor: number, poured?: Poured): string =>
  JSON.stringify([light(f), rateFactor, poured]);
