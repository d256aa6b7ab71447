export const soakWords = {
  notYet: "light",
  maybe: "nearly as wanted",
  ready: "as wanted",
  past: "stood too long",
};
export const bakeWords = {
  notYet: "underdone",
  maybe: "nearly done",
  ready: "done",
  past: "overdone",
};
export const outsideAsWanted = "outside as wanted";
export const evenAllThrough = "even all through";
export const saltyOutside = "salty outside";
export const inPockets = "in pockets";
export const salty = "salty";
/** Where the rail begins, in a narrow place: the food goes in. */
export const goesIn = "in";
