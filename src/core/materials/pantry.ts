import { findFood, findIngredient, findSalt } from "./lookup";
import type { Food, Ingredient, Salt } from "./types";
import * as words from "@/words/core/materials/pantry";

/** What a kitchen added to the tables, or measured anew: entries here go before the table's of the same id. */
export interface OwnEntries {
  foods: Food[];
  salts: Salt[];
  ingredients: Ingredient[];
}

/** Those of them that a formula names. */
export type OwnMaterials = { [K in keyof OwnEntries]?: OwnEntries[K] | undefined };

/** Where the sums look materials up: the kitchen's own first, then the tables. */
export interface Pantry {
  food: (id: string) => Food | undefined;
  salt: (id: string) => Salt | undefined;
  ingredient: (id: string) => Ingredient | undefined;
}

export function pantryOf(own: OwnMaterials = {}): Pantry {
  const first = <T extends { id: string }>(rows: T[] | undefined, id: string) =>
    rows?.find((row) => row.id === id);
  return {
    food: (id) => first(own.foods, id) ?? findFood(id),
    salt: (id) => first(own.salts, id) ?? findSalt(id),
    ingredient: (id) => {
      const found = first(own.ingredients, id) ?? findIngredient(id);
      if (found) return found;
      const salt = first(own.salts, id) ?? findSalt(id);
      return salt && saltAsIngredient(salt);
    },
  };
}

/** Plain salt is an ingredient of any part: a bed, a sauce, a second salting. */
export const saltAsIngredient = (salt: Salt): Ingredient => ({
  id: salt.id,
  name: salt.name,
  group: "salt",
  flags: salt.flags,
  poured: false,
  densityGPerMl: salt.densityGPerMl,
  gEach: null,
  eachUnit: "",
  juiceMlEach: null,
  waterFraction: Math.max(0, 1 - salt.naclFraction - salt.kclFraction),
  sodiumMgPer100g: salt.sodiumFraction * 100_000,
  saltFraction: salt.naclFraction,
  sugarFraction: 0,
  acidFraction: 0,
  acidKind: "none",
  ph: null,
  fatFraction: 0,
  alcoholFraction: 0,
  protease: "none",
  scoville: 0,
  thickens: 0,
  allergens: [],
  maybeAllergens: [],
  scorchC: null,
  provenance: salt.provenance,
  fromMemory: salt.fromMemory,
  uncertainty: (salt.densityHighGPerMl - salt.densityLowGPerMl) / (2 * salt.densityGPerMl),
});

/**
 * A salt weighed in this kitchen: its spoon density follows from a level measure, and its spread shrinks to the
 * scale's.
 * @param measuredG what the level measure weighed, g, > 0  @param volumeMl of that measure, mL, > 0
 */
export function calibratedSalt(salt: Salt, measuredG: number, volumeMl: number): Salt {
  const densityGPerMl = measuredG / volumeMl;
  return {
    ...salt,
    densityGPerMl,
    densityLowGPerMl: densityGPerMl * (1 - LEVELLING_DOUBT),
    densityHighGPerMl: densityGPerMl * (1 + LEVELLING_DOUBT),
    provenance: words.weighedInThisKitchen,
    fromMemory: false,
    uncertainty: LEVELLING_DOUBT,
  };
}

/** How well a cook levels the same spoon twice, relative. *Practice*. */
const LEVELLING_DOUBT = 0.03;
