export const makingUpTheFiveCups = "Making up the five cups: by somebody who does not taste";
export const salt = "Salt";
export const salts = "Salts";
export const cup = "Cup";
export const carrier = "Carrier";
export const or10SaltWater = "or 10 % salt water";
export const theCarriersOwnSaltIs = (carrier: string) =>
  `The carrier’s own salt is counted. Where the scale shows whole grams, dissolve 20 g of salt in 180 g of water and weigh that in. Whoever swallows every spoon takes in about ${carrier} mg of sodium; tasters may spit out.`;
export const theCupsStandReadyTaste = "The cups stand ready: taste";
