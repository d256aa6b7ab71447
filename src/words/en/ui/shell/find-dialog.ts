export const find = "Find";
export const findAnything = "Find anything";
export const aFormulaABatchA = "a formula, a batch, a food, a salt …";
export const nothingOfThatName = "Nothing of that name.";
export const found = "What was found";
export const kinds = {
  formula: "formula",
  archivedFormula: "formula, archived",
  batch: "batch",
  runningBatch: "batch, running",
  sitting: "sitting",
  own: "our own",
  salt: "salt",
  food: "food",
  ingredient: "ingredient",
};
