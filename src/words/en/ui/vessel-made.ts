export const foodGradePlastic = "food-grade plastic";
export const stainlessSteel = "stainless steel";
export const glass = "glass";
export const glazedCeramic = "glazed ceramic";
export const enamelledUnchipped = "enamelled, unchipped";
export const aluminium = "aluminium";
export const bareIron = "bare iron";
export const copper = "copper";
export const plasticNotMarkedForFood = "plastic, not marked for food";
export const measures = {
  cylinder: { lengthMm: "Inside width", heightMm: "Inside height" },
  pail: { lengthMm: "Width at the rim", widthMm: "Width at the floor", heightMm: "Inside height" },
  box: { lengthMm: "Inside length", widthMm: "Inside width", heightMm: "Inside height" },
  cooler: { lengthMm: "Inside length", widthMm: "Inside width", heightMm: "Inside height" },
  tray: { lengthMm: "Inside length", widthMm: "Inside width", heightMm: "Inside height" },
  bag: { lengthMm: "Flat, long", widthMm: "Flat, wide", heightMm: "Filled, high" },
};
