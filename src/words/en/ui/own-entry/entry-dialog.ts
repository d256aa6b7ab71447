export const title = { food: "A food of our own", ingredient: "An ingredient of our own" };
export const inTheTables = "In the tables";
export const change = (entryName: string) => `Change ${entryName}`;
export const name = "Name";
export const mostLike = "Most like";
export const keepIt = "Keep it";
export const itNeedsAName = "It needs a name.";
export const enteredInThisKitchen = "entered in this kitchen";
