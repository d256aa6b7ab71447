export const itCouldNotBeRead = "It could not be read just now. It is still here: try once more.";
export const noIngredientsWereFoundIn =
  "No ingredients were found in it. Give each a line of its own, such as “2 tbsp salt” or “1.2 kg duck legs”.";
export const pasteARecipe = "Paste a recipe";
export const withoutAName = "Without a name";
export const another = "Another";
export const stores = "Stores";
