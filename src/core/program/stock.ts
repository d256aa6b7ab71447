import { endG } from "../formula/account/dish-ledger";
import { outcomeAt } from "../formula/account/outcome";
import type { Formulated } from "../formula/formulate";

/** Carcass and trimmings of a joint taken apart. */
export interface Stock {
  massG: number;
  /** In the flesh that stays on them, mass fraction. */
  saltFraction: number;
  saltG: number;
}

/**
 * What is no part goes to the stock, and takes its salt along: as much of the flesh as of the weight. Model: flesh lies on
 * the carcass as thick as elsewhere; an upper bound, for bones hold none. The same grams as in the ledger.
 * @returns undefined for what is left whole
 */
export function stockOf(sheet: Formulated, soakH: number): Stock | undefined {
  if (sheet.stockShare <= 0) return undefined;
  const outcome = outcomeAt(sheet, soakH, 1);
  return {
    massG: sheet.foodG * sheet.stockShare,
    saltFraction: outcome.toHeat.meanFraction,
    saltG: endG(outcome.ledger, "stock"),
  };
}
