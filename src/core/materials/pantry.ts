import { findFood, findIngredient, findSalt } from "./lookup";
import type { Food, Ingredient, Salt } from "./types";

/** What a kitchen added to the tables, or measured anew: entries here go before the table's of the same id. */
export interface OwnMaterials {
  foods?: Food[];
  salts?: Salt[];
  ingredients?: Ingredient[];
}

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
    ingredient: (id) => first(own.ingredients, id) ?? findIngredient(id),
  };
}

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
    provenance: "weighed in this kitchen",
    fromMemory: false,
    uncertainty: LEVELLING_DOUBT,
  };
}

/** How well a cook levels the same spoon twice, relative. *Practice*. */
const LEVELLING_DOUBT = 0.03;
