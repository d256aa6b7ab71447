export const thisFormulaWasWrittenBy = (version: number) =>
  `This formula was written by a newer Iron Crock; this one reads version ${version}.`;
export const theFormulaInItDoes = (where: string, why: string) =>
  `The formula in it does not read: ${where || "the file"}: ${why}`;
