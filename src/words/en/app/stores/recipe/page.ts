export const pasteARecipe = "Paste a recipe";
