export const salt = "Salt";
export const evenness = "Evenness";
export const onlyTheOutsideSeasoned = "only the outside seasoned";
export const palerInside = "paler inside";
export const fairlyEven = "fairly even";
export const nearlyEven = "nearly even";
export const evenAllThrough = "even all through";
export const texture = "Texture";
export const notQuiteRight = "not quite right";
export const justRight = "just right";
export const juiciness = "Juiciness";
export const aLittleDry = "a little dry";
export const veryJuicy = "very juicy";
export const skinOrCrust = "Skin or crust";
export const asItShouldBe = "as it should be";
export const timing = "Timing";
export const farTooLate = "far too late";
export const aLittleLate = "a little late";
export const nearlyOnTime = "nearly on time";
export const onTheMinute = "on the minute";
export const mostLikely = (strength: number) =>
  strength >= 0.6 ? "most likely" : strength >= 0.25 ? "likely" : "perhaps";
export const quiteSure = (confidence: number) =>
  confidence >= 0.7 ? "Quite sure." : confidence >= 0.45 ? "Fairly sure." : "A guess still.";
