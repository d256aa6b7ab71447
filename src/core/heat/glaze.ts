import { rows as COOK_RULES } from "../materials/tables/doneness.table";

const OF_SUGAR = ["glaze_high", "glaze_mid", "glaze_low"];

/**
 * The last minutes in which a sugar glaze can go on without burning, by oven heat. *Practice*: hot ovens 5 to 10 min,
 * moderate 15 to 20, slow 30 to 45.
 */
export function glazeWindowMin(ovenC: number): { low: number; high: number } {
  const windows = COOK_RULES.flatMap(({ id, ovenC, glazeMin }) =>
    glazeMin && OF_SUGAR.includes(id) ? [{ ovenC, ...glazeMin }] : [],
  );
  const { low, high } = windows.reduce((best, rule) =>
    Math.abs(rule.ovenC - ovenC) < Math.abs(best.ovenC - ovenC) ? rule : best,
  );
  return { low, high };
}
