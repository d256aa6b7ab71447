export const aSauce = "a sauce";
export const aGlaze = "a glaze";
export const basting = "basting";
export const aDressing = "a dressing";
export const setSomeAsideFirst = "Set some aside first";
export const setAsideOfAllMade = "Set aside, of all made";
export const keptFor = "Kept for";
