export const theBenchHoldsADraft = (formulationName: undefined | string) =>
  `The Bench holds a draft that is not saved: “${formulationName}”. Put this one in its place?`;
