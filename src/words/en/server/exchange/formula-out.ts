export const theSumsDoNotWork = "The sums do not work out";
export const thisFormulaHasNoSheet = (code: string) => `This formula has no sheet to write: ${code}.`;
