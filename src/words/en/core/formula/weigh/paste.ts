export const lightlyRoastedAddedInSteps = (roasted: boolean) =>
  roasted ? "lightly roasted, added in steps" : "added in steps";
export const coatItAllOverWith = (massG: string) => `Coat it all over with ${massG} g paste`;
export const aThinEvenCoatHolds = "A thin, even coat holds; a thick one slides.";
export const itStaysWhenThePiece = "It stays when the piece is held up.";
