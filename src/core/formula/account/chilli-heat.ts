import type { Formulation } from "../../formulation";
import { pantryOf } from "../../materials/pantry";
import type { Formulated } from "../formulate";
import { dishFacts } from "./dish-facts";

/**
 * Turns the chilli dial: every chilli line grows by one factor, so that the dish comes to a wanted heat.
 * @param wantedUnits Scoville units averaged over the food, ≥ 0
 * @returns the same formulation where nothing in it is hot
 */
export function withChilliHeat(input: Formulation, sheet: Formulated, wantedUnits: number): Formulation {
  const now = dishFacts(input, sheet).heatUnits;
  if (now <= 0) return input;
  const factor = wantedUnits / now;
  const pantry = pantryOf(input.own);
  const turned = <T extends { ingredientId: string; amountG: number }>(l: T): T =>
    (pantry.ingredient(l.ingredientId)?.scoville ?? 0) > 0 ? { ...l, amountG: l.amountG * factor } : l;
  return {
    ...input,
    lines: input.lines.map(turned),
    companions: input.companions?.map((c) => ({ ...c, lines: c.lines.map(turned) })),
  };
}
