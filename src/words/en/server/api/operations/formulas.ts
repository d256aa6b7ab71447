export const usedAlready = "Used already";
export const idAnotherFormulaHasIt = "id: another formula has it. Leave it out, or save a version.";
export const usedByAnotherFormula = "used by another formula";
