import type { FoodForm, FoodGroup, IngredientGroup, Kingdom } from "@/core/materials/facts";
import type { Ingredient } from "@/core/materials/types";

/* What the typed facts of foods and ingredients are called on the screen. */

export const GROUP_NAME: Record<FoodGroup, string> = {
  poultry: "poultry",
  pork: "pork",
  beef: "beef",
  lamb: "lamb and goat",
  game: "game",
  fish: "fish",
  shellfish: "shellfish",
  vegetable: "vegetable",
  fungus: "mushroom",
  "plant protein": "tofu and its like",
  cheese: "cheese",
  egg: "egg",
};

export const KINGDOM_NAME: Record<Kingdom, string> = {
  mammal: "a mammal",
  bird: "a bird",
  fish_lean: "a lean fish",
  fish_fatty: "an oily fish",
  crustacean: "a crustacean",
  mollusc: "a mollusc",
  plant: "a plant",
  plant_gel: "a set plant curd",
  dairy_gel: "a fresh cheese",
  fungus: "a mushroom",
  egg: "an egg",
};

export const FORM_NAME: Record<FoodForm, string> = {
  whole: "whole",
  "whole bone-in": "whole, on the bone",
  "bone-in piece": "piece on the bone",
  "boneless piece": "piece without bone",
  "bone-in roast": "joint on the bone",
  "boneless roast": "joint without bone",
  "bone-in rack": "rack",
  fillet: "fillet",
  steak: "steak",
  slab: "slab",
  block: "block",
  piece: "piece",
  ground: "minced",
};

export const INGREDIENT_GROUP_NAME: Record<IngredientGroup, string> = {
  sugar: "sugar",
  syrup: "syrup and honey",
  acid_citrus: "citrus",
  aromatic_zest: "zest",
  acid_vinegar: "vinegar",
  acid_wine: "wine and spirit",
  acid_fruit: "sour fruit",
  acid_dairy: "sour dairy",
  liquid: "liquid",
  acid_powder: "sour powder",
  oil: "oil and fat",
  dairy: "dairy",
  aromatic: "fresh aromatic",
  fresh_herb: "fresh herb",
  umami: "sauce and savoury paste",
  dried_herb: "dried herb",
  spice: "spice",
  mustard: "mustard",
  seasoned_salt: "seasoned salt",
  binder: "flour and binder",
  egg: "egg",
  alkali: "baking soda and powder",
  salt: "plain salt",
};

export const PROTEASE_NAME: Record<Ingredient["protease"], string> = {
  none: "none",
  mild: "mild (pear, ginger)",
  strong: "strong (pineapple, papaya, kiwi)",
};
