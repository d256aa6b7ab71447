export const find = "Find";
export const findAnything = "Find anything";
export const aFormulaABatchA = "a formula, a batch, a food, a salt …";
export const nothingOfThatName = "Nothing of that name.";
export const found = "What was found";
