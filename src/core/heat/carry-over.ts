import { rows as COOK_RULES } from "../materials/tables/doneness.table";
import type { CookRule } from "../materials/types";

/** Below this oven a cook counts as slow: hardly any carry-over (cooking rules, *practice*). */
const SLOW_OVEN_C = 135;

const rule = (id: string): CookRule => {
  const found = COOK_RULES.find((r) => r.id === id);
  if (!found) throw new Error(`no cooking rule "${id}"`);
  return found;
};

/** Which rule of the trade speaks of a piece. @param massG one piece, g  @param ovenC oven air, °C */
export function carryOverRule(massG: number, ovenC: number, inCrust = false): CookRule {
  if (inCrust) return rule("carry_crust");
  if (ovenC <= SLOW_OVEN_C) return rule("carry_slow");
  if (massG < 300) return rule("carry_small");
  if (massG < 1000) return rule("carry_medium");
  if (massG < 3000) return rule("carry_roast");
  return massG < 6000 ? rule("carry_large") : rule("carry_turkey");
}

/** How far the centre still climbs after the pull, °C. *Practice*: the range the trade states, and what is likely in it. */
export function carryOverC(
  massG: number,
  ovenC: number,
  inCrust = false,
): { low: number; likely: number; high: number } {
  const { id, carryOverC } = carryOverRule(massG, ovenC, inCrust);
  if (!carryOverC) throw new Error(`cooking rule "${id}" does not say how far it climbs`);
  return carryOverC;
}
