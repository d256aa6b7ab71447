import { isSeafood } from "./facts";
import { RAW_STORAGE_H } from "./official";
import { rows as foodRows } from "./tables/foods.table";
import { rows as ingredientRows } from "./tables/ingredients.table";
import { rows as saltRows } from "./tables/salts.table";
import type { Food, Ingredient, Salt } from "./types";

export const FOODS: readonly Food[] = foodRows;
export const SALTS: readonly Salt[] = saltRows;
export const INGREDIENTS: readonly Ingredient[] = ingredientRows;

const byId = <T extends { id: string }>(rows: readonly T[]) => new Map(rows.map((row) => [row.id, row]));
const foods = byId(FOODS);
const salts = byId(SALTS);
const ingredients = byId(INGREDIENTS);

export const findFood = (id: string): Food | undefined => foods.get(id);
export const findSalt = (id: string): Salt | undefined => salts.get(id);
export const findIngredient = (id: string): Ingredient | undefined => ingredients.get(id);

/** Raw storage in the fridge, h: poultry, fish and minced meat 2 days, other meat 5. USDA FSIS, *from memory*. */
export function rawStorageLimitH(food: Food): number | undefined {
  if (food.kingdom === "bird" || isSeafood(food) || food.form === "ground")
    return RAW_STORAGE_H.poultryFishAndGround;
  return food.kingdom === "mammal" ? RAW_STORAGE_H.wholeCuts : undefined;
}
