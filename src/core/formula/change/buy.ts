import type { Food } from "../../materials/types";

export type Appetite = "light" | "usual" | "hearty";

/** Raw food as it is bought for one eater, bone and skin included, g. *Practice*, by food. */
export function servingG(food: Pick<Food, "servingLightG" | "servingHeartyG">, appetite: Appetite): number {
  const { servingLightG: light, servingHeartyG: hearty } = food;
  return appetite === "light" ? light : appetite === "hearty" ? hearty : (light + hearty) / 2;
}

export interface Purchase {
  /** What to put on the shop's scale, g. */
  rawG: number;
  boneG: number;
  /** Skin, head, gut and trim, g. */
  trimG: number;
  edibleG: number;
  /** Pieces of the usual size, rounded up. */
  pieces: number;
}

/** What to buy for some eaters. @param leftovers share to have over, 0 to 2 */
export function buyFor(food: Food, portions: number, appetite: Appetite, leftovers = 0): Purchase {
  return boughtOf(food, portions * servingG(food, appetite) * (1 + leftovers));
}

/** A bought mass taken apart. */
export function boughtOf(food: Food, rawG: number): Purchase {
  return {
    rawG,
    boneG: rawG * food.boneFraction,
    trimG: rawG * Math.max(0, 1 - food.boneFraction - food.edibleFraction),
    edibleG: rawG * food.edibleFraction,
    pieces: Math.ceil(rawG / food.pieceMassG - 1e-9),
  };
}

/** How many a mass feeds. */
export const portionsFrom = (food: Food, rawG: number, appetite: Appetite): number =>
  Math.floor(rawG / servingG(food, appetite) + 1e-9);
