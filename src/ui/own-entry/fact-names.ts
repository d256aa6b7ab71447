import type { FoodForm, FoodGroup, Kingdom } from "@/core/materials/facts";
import type { Ingredient } from "@/core/materials/types";

/* What the typed facts of foods and ingredients are called where they are chosen. */

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

export const PROTEASE_NAME: Record<Ingredient["protease"], string> = {
  none: "none",
  mild: "mild (pear, ginger)",
  strong: "strong (pineapple, papaya, kiwi)",
};
