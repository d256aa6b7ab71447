export const carrierName = {
  potato: "boiled potato, mashed",
  stock: "stock made without salt",
  patty: "small patties of lean mince, fried through",
};
export const carrierHow = {
  potato:
    "Boil floury potatoes without salt, mash them dry, let them cool to lukewarm. Work the salt in well and wait ten minutes.",
  stock:
    "Warm stock made without any salt. Stir the salt in until nothing is left of it; serve all five equally warm.",
  patty:
    "Work the salt into the raw mince, shape small patties, fry them through: 71 °C at the core, by the thermometer, before anyone tastes. Nobody tastes raw mince.",
};
export const wayName = {
  pairs: "by pairs, ten an eater",
  liking: "one by one, five an eater",
};
export const farTooLittle = "far too little";
export const aLittleFlat = "a little flat";
export const justRight = "just right";
export const aLittleSalty = "a little salty";
export const farTooSalty = "far too salty";
export const underAYearOldDoes = "under a year old: does not taste";
export const avoidsTakeAnotherCarrier = (allergens: string) => `avoids ${allergens}: take another carrier`;
export const mgOfSodiumInAll = (mg: string, limitMg: string) =>
  `${mg} mg of sodium in all, over the limit of ${limitMg} mg: one by one, or spit out`;
export const of1Answer = (count: number) => (count === 1 ? "1 answer" : `${count} answers`);
export const of1Dinner = (count: number) => (count === 1 ? "1 dinner" : `${count} dinners`);
