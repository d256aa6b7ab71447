import { piecesOffered } from "@/core/formula/offer/defaults";
import type { Pieces } from "@/core/formulation";
import { findFood } from "@/core/materials/lookup";

/** Pieces of a food as the table offers them, changed where the canteen's differ. */
export function pieces(foodId: string, change: Partial<Pieces>): Pieces {
  const food = findFood(foodId);
  if (!food) throw new Error(`demo food "${foodId}" is not in the table`);
  return { ...piecesOffered(food), ...change };
}
