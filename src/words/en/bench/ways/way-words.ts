export const verdictWord = {
  light: "light",
  littleLight: "a little light",
  asWanted: "as wanted",
  littleSalty: "a little salty",
  salty: "salty",
};
export const noSaltAskedFor = "no salt asked for";
export const cannotOvershoot = "cannot overshoot";
export const brine = (saltFraction: string) => `${saltFraction} % brine`;
export const ofItsWeightInBrine = (pickupFraction: string) =>
  `${pickupFraction} % of its weight in brine, by needle`;
export const saltOnItThenOff = (doseFraction: string) => `${doseFraction} % salt on it, then off`;
export const saltOfTheMeat = (fraction: string) => `salt ${fraction} % of the meat`;
export const surface = {
  dry: "dry skin, no tub",
  wet: "",
  coated: "",
  baked: "baked at once",
};
export const gSaltNotEaten = (lostSaltG: string) => `${lostSaltG} g salt not eaten`;
export const byHand = (toFiveMin: string) => `${toFiveMin} by hand`;
export const noMoreGetsInBy = "No more gets in by then.";
export const itHoldsOrTakesMore = "It holds, or takes, more than that.";
export const itMayStandAtMost = (hours: string) => `It may stand ${hours} at most.`;
export const saltedOutsidePlainInThe = "Salted outside, plain in the middle.";
