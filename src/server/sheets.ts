import { formulate, type Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { remembered } from "@/core/remembered";

const sheets = remembered<Formulated | undefined>(30);

/**
 * The sheet of what stands in the kitchen, worked out once for all who look: a soak is run through for each.
 * @param rateFactor how much faster than the table's it takes salt
 * @returns undefined where the sums no longer work out
 */
export const sheetOf = (formulation: Formulation, rateFactor: number): Formulated | undefined =>
  sheets(JSON.stringify([formulation, rateFactor]), () => {
    const result = formulate(formulation, { rateFactor });
    return result.ok ? result.value : undefined;
  });
