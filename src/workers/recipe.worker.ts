import { expose } from "comlink";
import { readRecipe, type ReadOptions } from "@/core/recipe/read-recipe";
import type { ReadRecipe } from "@/core/recipe/reading";

const reader = {
  read(text: string, options: ReadOptions): ReadRecipe {
    return readRecipe(text, options);
  },
};

export type RecipeReader = typeof reader;

expose(reader);
