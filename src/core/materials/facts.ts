import * as words from "@/words/core/materials/facts";

/** The typed facts that hazards and practice hang on. What a food is called never decides anything. */

export const FOOD_GROUPS = [
  "poultry",
  "pork",
  "beef",
  "lamb",
  "game",
  "fish",
  "shellfish",
  "vegetable",
  "fungus",
  "plant protein",
  "cheese",
  "egg",
] as const;
export type FoodGroup = (typeof FOOD_GROUPS)[number];

export const KINGDOMS = [
  "mammal",
  "bird",
  "fish_lean",
  "fish_fatty",
  "crustacean",
  "mollusc",
  "plant",
  "plant_gel",
  "dairy_gel",
  "fungus",
  "egg",
] as const;
export type Kingdom = (typeof KINGDOMS)[number];

export const FOOD_FORMS = [
  "whole",
  "whole bone-in",
  "bone-in piece",
  "boneless piece",
  "bone-in roast",
  "boneless roast",
  "bone-in rack",
  "fillet",
  "steak",
  "slab",
  "block",
  "piece",
  "ground",
] as const;
export type FoodForm = (typeof FOOD_FORMS)[number];

export const isWhole = (form: FoodForm): boolean => form === "whole" || form === "whole bone-in";
export const isSeafood = ({ group }: { group: FoodGroup }): boolean =>
  group === "fish" || group === "shellfish";
export const isRoast = (form: FoodForm): boolean => form === "bone-in roast" || form === "boneless roast";
export const isOnTheBone = (form: FoodForm): boolean =>
  form === "bone-in piece" || form === "bone-in roast" || form === "bone-in rack" || form === "whole bone-in";

/** What may be true of a food, and what follows from it. */
export const FOOD_FLAGS: Record<FoodFlag, string> = words.foodFlag;
export type FoodFlag = "scombroid" | "parasites" | "fatty_bird" | "cured" | "smoked";

/** What may be true of an ingredient, and what follows from it. */
export const INGREDIENT_FLAGS: Record<IngredientFlag, string> = words.ingredientFlag;
export type IngredientFlag = "honey" | "fresh_in_oil" | "raw_egg" | "erucic" | "smoked" | "cured" | "nitrite";

export const SALT_FLAGS: Record<SaltFlag, string> = words.saltFlag;
export type SaltFlag = "nitrite";

export const INGREDIENT_GROUPS = [
  "sugar",
  "syrup",
  "acid_citrus",
  "aromatic_zest",
  "acid_vinegar",
  "acid_wine",
  "acid_fruit",
  "acid_dairy",
  "liquid",
  "acid_powder",
  "oil",
  "dairy",
  "aromatic",
  "fresh_herb",
  "umami",
  "dried_herb",
  "spice",
  "mustard",
  "seasoned_salt",
  "binder",
  "egg",
  "alkali",
  "salt",
] as const;
export type IngredientGroup = (typeof INGREDIENT_GROUPS)[number];

/** How well a salt's crystal serves, best first. */
export const SALT_GRADES = ["best", "good", "ok", "fair", "poor", "never"] as const;
export type SaltGrade = (typeof SALT_GRADES)[number];
export const isPoor = (grade: SaltGrade): boolean => grade === "poor" || grade === "never";
