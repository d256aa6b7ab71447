export const vesselAndWater = (brine: boolean, liquid: boolean) =>
  brine ? "Vessel and water" : liquid ? "The vessel" : "The tray";
export const water = "Water";
export const toCoverTheFood = "to cover the food";
export const anAmountIChoose = "an amount I choose";
export const waterIceIncluded = "Water, ice included";
export const oneOfOurs = "One of ours";
export const choose = "choose …";
export const vessel = (liquid: boolean) => (liquid ? "Vessel" : "Kind of tray");
export const madeOf = "Made of";
export const plateHoldsItUnder = "Plate holds it under";
