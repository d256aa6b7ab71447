export const giveTheRecipesText = "Give the recipe's text.";
