export const thePreparationItself = "the preparation itself";
export const theGlaze = "the glaze";
export const theSauce = "the sauce";
export const theButter = "the butter";
export const theDressing = "the dressing";
export const theBedItLiesOn = "the bed it lies on";
export const keptAside = "kept aside";
export const theWordsOfThisLine =
  "The words of this line. A new row makes a second line; an empty box removes the line.";
export const belongsTo = "Belongs to";
export const readThisLineAgain = "Read this line again";
export const joinToTheLineAbove = "Join to the line above";
export const cancel = "Cancel";
