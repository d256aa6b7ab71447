export const thisFormulaAsACode = "This formula as a code to photograph";
export const theCode = "The code";
