export const serves = (preparation: string, portions: number) => `${preparation}. Serves ${portions}.`;
export const followYourLocalFoodCode =
  "Follow your local food code. Not for nitrite curing, canning or keeping.";
export const weighOut = "Weigh out";
export const method = "Method";
export const notes = "Notes";
export const theFormulaItself = "The formula itself";
