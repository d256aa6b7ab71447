import type { IngredientGroup } from "@/core/materials/facts";
import * as words from "@/words/ui/ingredient-groups";

/** What the kinds of ingredients are called on the screen. */
export const INGREDIENT_GROUP_NAME: Record<IngredientGroup, string> = words.ingredientGroupName;
