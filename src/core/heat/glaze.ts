import { rows as COOK_RULES } from "../materials/tables/doneness.table";

/**
 * The last minutes in which a sugar glaze can go on without burning, by oven heat. *Practice*: hot ovens 5 to 10 min,
 * moderate 15 to 20, slow 30 to 45.
 */
export function glazeWindowMin(ovenC: number): { low: number; high: number } {
  const windows = COOK_RULES.filter((r) => r.kind === "glaze_window" && /^glaze_(high|mid|low)$/.test(r.id));
  const nearest = windows.reduce((best, r) =>
    Math.abs(r.ovenC - ovenC) < Math.abs(best.ovenC - ovenC) ? r : best,
  );
  const [low, high] = (/(\d+)-(\d+)/.exec(nearest.window) ?? ["", "5", "10"]).slice(1).map(Number);
  return { low, high };
}
