import { interpolate } from "../interpolate";
import { rows as COOK_RULES } from "../materials/tables/doneness.table";
import { rows as OVENS } from "../materials/tables/ovens.table";
import type { CookRule, Food } from "../materials/types";

const OVEN_C = OVENS.map((o) => o.ovenC);
const TIME_FACTORS = OVENS.map((o) => o.timeFactor);

/** Time at an oven temperature over that at 180 °C, by the oven table. */
const timeFactor = (ovenC: number): number => interpolate(OVEN_C, TIME_FACTORS, ovenC);

/**
 * Minutes a rule of the trade counts, moved to another oven. *Practice*: an estimate, a probe decides.
 * @param pieceG one piece, g  @param thicknessMm thickest part, mm  @param ovenC oven air, °C
 */
export function ruleMinutes(rule: CookRule, pieceG: number, thicknessMm: number, ovenC: number): number {
  const perMass = ((rule.minutesPerKg ?? 0) * pieceG) / 1000;
  const perThickness = ((rule.minutesPer25Mm ?? 0) * thicknessMm) / 25;
  const atRule = perMass + perThickness + (rule.fixedMinutes ?? 0);
  return atRule * (timeFactor(ovenC) / timeFactor(rule.ovenC));
}

/** Words of an id that a rule and a food must share: all but the class and the oven. */
const wordsOf = (rule: CookRule) =>
  rule.id.split("_").filter((word) => word !== rule.foodClass && !/^\d+$/.test(word));

/**
 * The rule of the trade that speaks of a food roasted open, nearest to this oven; undefined where none does.
 * @example "duck, whole" at 170 °C: the rule for a whole duck at 160 °C
 */
export function tradeRule(food: Pick<Food, "id" | "group">, ovenC: number): CookRule | undefined {
  const words = food.id.replace("bonein", "bone").split("_");
  const speaks = (rule: CookRule) =>
    rule.foodClass === food.group &&
    /^(roast|piece|thickness)_rule$/.test(rule.kind) &&
    wordsOf(rule).every((word) => words.includes(word));
  return COOK_RULES.filter(speaks).sort(
    (a, b) => wordsOf(b).length - wordsOf(a).length || Math.abs(a.ovenC - ovenC) - Math.abs(b.ovenC - ovenC),
  )[0];
}
