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
export const FOOD_FLAGS = {
  scombroid: "makes histamine when it gets warm: mackerel, tuna, sardine and their kin",
  parasites: "may carry parasites or germs when eaten raw or lightly cooked: fish and shellfish",
  fatty_bird: "a fat bird such as duck or goose: salted longer than other birds",
  cured: "cured or salted already",
  smoked: "smoked already",
} as const;
export type FoodFlag = keyof typeof FOOD_FLAGS;

/** What may be true of an ingredient, and what follows from it. */
export const INGREDIENT_FLAGS = {
  honey: "honey, or made with it: never for a child under twelve months",
  fresh_in_oil: "fresh and low in acid (garlic, herbs, chilli, onion): under oil it must stay cold",
  raw_egg: "raw egg: not for people at risk unless it is cooked",
  erucic: "mustard oil: labelled “for external use” in some countries",
  smoked: "smoked",
  cured: "cured or preserved in salt",
  nitrite: "holds nitrite or nitrate (curing salt): out of scope here",
} as const;
export type IngredientFlag = keyof typeof INGREDIENT_FLAGS;

export const SALT_FLAGS = {
  nitrite: "holds nitrite or nitrate (curing salt): out of scope here",
} as const;
export type SaltFlag = keyof typeof SALT_FLAGS;

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
