import { rows as COOK_RULES } from "../materials/tables/doneness.table";
import { isSeafood } from "../materials/lookup";
import type { CookRule, Food } from "../materials/types";
import { ruleMinutes } from "../heat/trade-minutes";
import type { Bake } from "./prepare/prepared";

/** Which rules of the trade speak of a food in a crust; the longer of them is taken. */
function rulesFor(food: Food): CookRule[] {
  const wanted = isSeafood(food)
    ? ["fish_crust_220", "fish_crust_thick_220"]
    : food.kingdom === "bird"
      ? ["chicken_crust_200"]
      : food.group === "lamb"
        ? ["lamb_crust_220"]
        : food.kingdom === "mammal"
          ? ["beef_crust_220"]
          : ["root_crust_200"];
  return COOK_RULES.filter((rule) => wanted.includes(rule.id));
}

/**
 * How long a crust bakes, by the minutes the trade counts, moved to this oven. An estimate: a probe decides.
 * @param pieceG one piece, g  @param thicknessMm how high it lies, mm  @param ovenC oven air, °C
 */
export function bakeOf(food: Food, pieceG: number, thicknessMm: number, ovenC: number): Bake {
  const rules = rulesFor(food).map((rule) => ({
    id: rule.id,
    minutes: ruleMinutes(rule, pieceG, thicknessMm, ovenC),
    text: rule.notes,
    doubt: rule.uncertainty,
  }));
  const longest = rules.reduce((most, r) => (r.minutes > most.minutes ? r : most));
  const hours = longest.minutes / 60;
  return {
    likelyH: hours,
    earlyH: hours * (1 - longest.doubt / 2),
    lateH: hours * (1 + longest.doubt / 2),
    ovenC,
    rules: rules.map(({ id, minutes, text }) => ({ id, minutes, text })),
  };
}
