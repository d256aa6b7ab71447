import { longer, type PieceInHeat } from "../../heat/cook-minutes";
import { ovenFactor } from "../../heat/trade-minutes";
import { isSeafood } from "../../materials/facts";
import { rows as COOK_RULES } from "../../materials/tables/doneness.table";
import type { CookRule, Food } from "../../materials/types";
import type { Bake } from "../weigh/prepared";

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
 * How long a crust bakes: by the minutes the trade counts, moved to this oven and to the core that is wanted; for roots and
 * joints never shorter than the heat engine says. A fish lies thin at belly and tail, and the trade's rows are of fish: they
 * go alone. An estimate: a probe decides.
 */
export function bakeOf(
  food: Food,
  piece: PieceInHeat,
  heat: { ovenC: number; ovenOffC?: number | undefined; endC: number; restMin: number },
): Bake {
  const rows = rulesFor(food);
  const airC = heat.ovenC + (heat.ovenOffC ?? 0);
  const found = longer(food, piece, { ...heat, ovenC: airC, cover: "crust" }, rows);
  const tradeMin = found.trade?.minutes ?? found.minutes;
  const minutes = isSeafood(food) ? tradeMin : found.minutes;
  const doubt = found.trade?.rule.uncertainty ?? 0.25;
  const hours = minutes / 60;
  return {
    likelyH: hours,
    earlyH: hours * (1 - doubt / 2),
    lateH: hours * (1 + doubt / 2),
    ovenC: heat.ovenC,
    ...(found.engineMin !== undefined && { engineMin: found.engineMin }),
    by: !isSeafood(food) && found.by !== "trade" ? "engine" : "trade",
    rules: found.counted.map(({ rule, coreFactor, minutes: ruled }) => ({
      id: rule.id,
      minutes: ruled,
      minutesPerKg: rule.minutesPerKg ?? 0,
      minutesPer25Mm: rule.minutesPer25Mm ?? 0,
      fixedMinutes: rule.fixedMinutes ?? 0,
      pieceKg: piece.massG / 1000,
      thicknessMm: piece.thicknessMm,
      ovenFactor: ovenFactor(rule, airC),
      coreFactor,
    })),
  };
}
