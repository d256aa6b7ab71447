export const marinade = "marinade";
export const inItsMarinade = "in its marinade";
export const takeItOutOfThe = "Take it out of the marinade";
export const way = "Marinade";
export const acidOilAromatics = "acid, oil, aromatics";
export const inTheMarinade = "In the marinade";
export const inTheFridgeAtOr =
  "In the fridge at or below 4 °C, close about the food; what lay on raw food is boiled or thrown away.";
export const lessSaltInItOr = "Less salt in it, or out earlier.";
export const longerThinnerOrMoreSalt = "Longer, thinner, or more salt in it.";
