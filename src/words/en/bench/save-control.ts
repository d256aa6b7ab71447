export const saveAsAFormula = (formulaId: null | string, next: number) =>
  formulaId === null ? "Save as a formula" : `Save version ${next}`;
export const saveMineAsVersionKeep = (currentVersion: number) =>
  `Save mine as version ${currentVersion}, keep both`;
