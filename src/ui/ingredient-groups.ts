import type { IngredientGroup } from "@/core/materials/facts";

/** What the kinds of ingredients are called on the screen. */
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
