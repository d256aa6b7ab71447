export const theRecipeAsPasted = "The recipe as pasted";
export const aTimeOrTemperatureOf = "a time or temperature of the method";
export const theMethodGoesAlongAs = "The method goes along as the formula’s notes.";
