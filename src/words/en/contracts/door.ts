export const atLeastCharactersFourPlain = (passphraseMin: number) =>
  `At least ${passphraseMin} characters: four plain words do well.`;
export const atMostCharacters = (passphraseMax: number) => `At most ${passphraseMax} characters.`;
export const sayWhatItIsFor = "Say what it is for: “fridge sensor”.";
