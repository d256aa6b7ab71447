export const formulas = "Formulas";
export const pasteARecipe = "Paste a recipe";
export const newFormula = "New";
export const noneSavedYetSaveOne = "None saved yet. Save one on the Bench, or paste a recipe.";
export const findAFormula = "Find a formula";
export const findByNameOrTag = "Find by name or tag";
export const archived = "archived";
export const noFormulaOfThatName = "No formula of that name or tag.";
