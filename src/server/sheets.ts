import { formulate, type Formulated } from "@/core/formula/formulate";
import type { Poured } from "@/core/formula/weigh/as-poured";
import type { Formulation } from "@/core/formulation";
import { remembered } from "@/core/remembered";

const sheets = remembered<Formulated | undefined>(30);

/**
 * The sheet of what stands in the kitchen, worked out once for all who look: a soak is run through for each.
 * @param rateFactor how much faster than the table's it takes salt
 * @param poured what really went on the scale; left out: the sheet's own grams
 * @returns undefined where the sums no longer work out
 */
export const sheetOf = (
  formulation: Formulation,
  rateFactor: number,
  poured?: Poured,
): Formulated | undefined =>
  sheets(JSON.stringify([formulation, rateFactor, poured]), () => {
    const result = formulate(formulation, { rateFactor, poured });
    return result.ok ? result.value : undefined;
  });
