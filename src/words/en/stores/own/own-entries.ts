export const ourOwn = "Our own";
export const saltsWeWeighed = "Salts we weighed";
export const weighOurSalt = "Weigh our salt";
export const gMlByOurSpoon = (densityGPerMl: string) => `${densityGPerMl} g/ml by our spoon`;
export const ingredients = "Ingredients";
export const addAnIngredient = "Add an ingredient";
export const saltSugar = (saltFraction: string, sugarFraction: string) =>
  `${saltFraction} % salt · ${sugarFraction} % sugar`;
export const foods = "Foods";
export const addAFood = "Add a food";
export const gAPieceEdible = (pieceMassG: string, edibleFraction: string) =>
  `${pieceMassG} g a piece · ${edibleFraction} % edible`;
export const vessels = "Vessels";
export const addAVessel = "Add a vessel";
export const archived = "Archived:";
export const takeOutAgain = (name: string) => `${name}, take out again`;
export const archive = (used: boolean) => (used ? "Archive" : "Remove");
export const usedIn = (formulas: string) => ` · in ${formulas}`;
