import { momentShares } from "../formula/account/outcome";
import { cookOf } from "../formula/cook/cook";
import { onThePlate } from "../formula/soak/plate";
import type { Formulation } from "../formulation";
import { sheetOf } from "./worked";

/** Shares of the food as it is eaten. */
export type PlateShares = ReturnType<typeof momentShares>;

/** The same food after the cook and the rest; undefined where the sums refuse. */
export function plateOf(input: Formulation, rateFactor: number): PlateShares | undefined {
  const sheet = sheetOf(input, rateFactor);
  if (!sheet.ok) return undefined;
  const plate = onThePlate(input, sheet.value.load, cookOf(input, sheet.value.food));
  return plate.ok ? momentShares(sheet.value, plate.value.served) : undefined;
}
