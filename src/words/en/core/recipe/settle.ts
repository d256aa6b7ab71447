export const aPastedRecipe = "A pasted recipe";
