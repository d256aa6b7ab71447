export const tasting = "Tasting";
export const houseTaste = "House taste";
export const somebodyElseIsHereFirst = "Somebody else is here first:";
export const whatCameOut = "What came out";
export const whatTheTableLikes = "What the table likes";
export const stillToTasteAnswersEach = (eatersCount: number, way: number) =>
  `${eatersCount} still to taste, ${way} answers each.`;
