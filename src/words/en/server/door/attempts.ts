export const tooManyWrongPassphrases = "Too many wrong passphrases";
export const tooManyWrongPassphrasesTry = (minutes: number) =>
  `Too many wrong passphrases. Try again in ${minutes} min.`;
