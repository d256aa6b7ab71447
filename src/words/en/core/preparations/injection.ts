export const injectedBrine = "injected brine";
export const withItsBrineInIt = "with its brine in it";
export const takeItOffTheTray = "Take it off the tray";
export const injection = "Injection";
export const byNeedleToTheMiddle = "by needle, to the middle";
export const way = "Injected brine";
export const place = "With its brine in it";
export const needleCleanBrineStrainedAnd =
  "Needle clean, brine strained and cold (4 °C or below). Injected meat is cooked through: the needle carries what was on the outside inwards.";
export const lessSaltWantedOrLess = "Less salt wanted, or less pumped in: all that stays in is eaten.";
export const pumpUntilItWeighsWhat =
  "Pump until it weighs what the sheet says, stab closer together, and let it rest longer.";
export const spots = {
  enters: "needle",
  last: "half-way",
  lastIs: "between stabs",
  leanest: "between",
};
