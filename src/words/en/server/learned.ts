export const tooMany = "Too many";
export const nothingLearntYet = "Nothing learnt yet";
export const noReadingHasTaughtAnything = "No reading has taught anything of this food: the table holds.";
