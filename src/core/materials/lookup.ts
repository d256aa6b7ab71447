import type { Food, Hazard, Ingredient, Salt, SoakPractice } from "./types";
import { rows as foodRows } from "./tables/foods.table";
import { rows as hazardRows } from "./tables/hazards.table";
import { rows as ingredientRows } from "./tables/ingredients.table";
import { rows as practiceRows } from "./tables/methods.table";
import { rows as saltRows } from "./tables/salts.table";

export const FOODS: readonly Food[] = foodRows;
export const SALTS: readonly Salt[] = saltRows;
export const INGREDIENTS: readonly Ingredient[] = ingredientRows;

const byId = <T extends { id: string }>(rows: readonly T[]) => new Map(rows.map((row) => [row.id, row]));
const foods = byId(FOODS);
const salts = byId(SALTS);
const ingredients = byId(INGREDIENTS);
const hazards = byId(hazardRows);
const practices = byId<SoakPractice>(practiceRows);

export const findFood = (id: string): Food | undefined => foods.get(id);
export const findSalt = (id: string): Salt | undefined => salts.get(id);
export const findIngredient = (id: string): Ingredient | undefined => ingredients.get(id);

/** @throws when the hazard table lacks the id: a rule without its wording is a bug */
export function hazard(id: string): Hazard {
  const found = hazards.get(id);
  if (!found) throw new Error(`no hazard "${id}"`);
  return found;
}

/** Which row of the practice table speaks for a food in an equilibrium or dry soak. */
export function soakPracticeFor(food: Food, method: "wet" | "dry"): SoakPractice {
  const whole = food.form.startsWith("whole") && food.kingdom === "bird";
  const id = method === "wet" ? wetRow(food, whole) : dryRow(food, whole);
  const found = practices.get(id);
  if (!found) throw new Error(`no practice "${id}"`);
  return found;
}

function wetRow(food: Food, wholeBird: boolean): string {
  if (food.kingdom === "bird") return wholeBird ? "wbe_poultry_whole" : "wbe_poultry_piece";
  if (food.group === "pork") return "wbe_pork";
  if (food.kingdom === "mammal") return "wbe_red_meat";
  return isSeafood(food) ? "wbe_fish" : "wbe_plant";
}

function dryRow(food: Food, wholeBird: boolean): string {
  if (/duck|goose/.test(food.id)) return "db_duck";
  if (food.kingdom === "bird") return wholeBird ? "db_poultry_whole" : "db_poultry_piece";
  if (food.group === "pork") return "db_pork";
  if (food.kingdom === "mammal") return /roast/.test(food.form) ? "db_roast" : "db_steak";
  if (isSeafood(food)) return "db_fish";
  return food.kingdom === "plant_gel" || food.kingdom === "dairy_gel" ? "db_tofu" : "db_veg";
}

export const isSeafood = (food: Food): boolean => food.group === "fish" || food.group === "shellfish";

/** Raw storage in the fridge, h: poultry, fish and minced meat 2 days, other meat 5. USDA FSIS, *from memory*. */
export function rawStorageLimitH(food: Food): number | undefined {
  if (food.kingdom === "bird" || isSeafood(food) || food.form === "ground") return 48;
  return food.kingdom === "mammal" ? 120 : undefined;
}
