export const aSharedFormula = "A shared formula";
