import { bodyShapeOf } from "../diffusion/piece-form";
import type { CookRule, Food } from "../materials/types";
import type { Cover } from "./covering";
import type { HeatedPiece } from "./course";
import { engineMinutes } from "./engine-minutes";
import { ruleMinutes, tradeRule } from "./trade-minutes";

/** What is put into the heat. */
export interface PieceInHeat {
  massG: number;
  thicknessMm: number;
  startC: number;
}

/** How it shall be cooked. */
export interface HeatWanted {
  ovenC: number;
  cover: Cover;
  /** Where the middle shall end, °C. */
  endC: number;
  restMin: number;
}

/** Minutes two ways, and which a plan goes by. */
/** A rule's minutes, and how far the core wanted moves them. */
export interface Counted {
  rule: CookRule;
  coreFactor: number;
  minutes: number;
}

export interface CookMinutes {
  minutes: number;
  by: "trade" | "engine" | "guess";
  /** What the trade counts for its kind and weight, moved to this oven and this core. */
  trade?: Counted;
  /** Every rule that was asked. */
  counted: Counted[];
  /** What the heat engine says of this thickness. */
  engineMin?: number;
}

/** Where neither the trade nor the engine says anything. *Practice*. */
const GUESS_MIN = 30;

export const heatedPiece = (food: Food, piece: Pick<PieceInHeat, "thicknessMm" | "startC">): HeatedPiece => ({
  shape: bodyShapeOf(food),
  // Heat comes from all sides, also where salt does not.
  halfThicknessMm: piece.thicknessMm / 2,
  startC: piece.startC,
});

/**
 * How long a piece takes in an oven. The longer of the trade's count and the engine's estimate: a plan never rests on a cook
 * shorter than practice. Both move with the core that is wanted and with the oven.
 */
export function cookMinutesFor(food: Food, piece: PieceInHeat, heat: HeatWanted): CookMinutes {
  const rule = tradeRule(food, heat.ovenC, piece.massG);
  return longer(food, piece, heat, rule ? [rule] : []);
}

/** The same by rules that are given, the longest of them: a crust has its own. */
export function longer(
  food: Food,
  piece: PieceInHeat,
  heat: HeatWanted,
  rules: readonly CookRule[],
): CookMinutes {
  const body = heatedPiece(food, piece);
  const engineMin = engineMinutes(body, heat.ovenC, heat.cover, heat.restMin, heat.endC);
  const counted = rules.map((rule) => {
    const coreFactor = endRatio(body, heat, rule);
    const minutes = ruleMinutes(rule, piece.massG, piece.thicknessMm, heat.ovenC) * coreFactor;
    return { rule, coreFactor, minutes };
  });
  const trade = counted.length > 0 ? counted.reduce((a, b) => (b.minutes > a.minutes ? b : a)) : undefined;
  const found = { counted, ...(trade && { trade }), ...(engineMin !== undefined && { engineMin }) };
  if (trade && trade.minutes >= (engineMin ?? 0)) return { minutes: trade.minutes, by: "trade", ...found };
  if (engineMin !== undefined) return { minutes: engineMin, by: "engine", ...found };
  return { minutes: GUESS_MIN, by: "guess", ...found };
}

/** The core that is wanted against the one the rule is for, by the engine. */
function endRatio(body: HeatedPiece, heat: HeatWanted, rule: CookRule): number {
  if (rule.targetC === null || Math.abs(rule.targetC - heat.endC) < 0.5) return 1;
  const at = (endC: number) => engineMinutes(body, heat.ovenC, heat.cover, heat.restMin, endC);
  const [wanted, ruled] = [at(heat.endC), at(rule.targetC)];
  return wanted !== undefined && ruled !== undefined ? wanted / ruled : 1;
}
