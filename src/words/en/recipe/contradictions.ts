export const nothingInItContradictsItself = "Nothing in it contradicts itself, as far as it was understood.";
export const contradictions = "Contradictions";
export const oneThingDoesNotAgree = (foundCount: number) =>
  foundCount === 1 ? "One thing does not agree" : `${foundCount} things do not agree`;
export const instead = "Instead:";
