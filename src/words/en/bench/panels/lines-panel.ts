export const whatGoesIn = "What goes in";
export const equalSpoonsOfEachSpice = "Equal spoons of each spice";
export const addAnIngredient = "Add an ingredient";
