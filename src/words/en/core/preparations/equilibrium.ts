export const inItsBrine = "in its brine";
export const takeItOutOfThe = "Take it out of the brine";
export const inTheVessel = "In the vessel";
export const brineCold4COr =
  "Brine cold (4 °C or below) before the food goes in; food under the liquid; fridge at or below 4 °C.";
export const takeItOutEarlierOr =
  "Take it out earlier, or take the equilibrium school, which cannot overshoot.";
export const longerThinnerSlashedOrA = "Longer, thinner, slashed, or a stronger bath for the time there is.";
export const equilibriumBrine = "equilibrium brine";
export const equilibrium = "Equilibrium";
export const wetCannotOvershoot = "wet, cannot overshoot";
export const gentleBrine = "Gentle brine";
export const wetBrine = "wet brine";
export const brine = "brine";
