export const shortCure = "short cure";
export const inItsCure = "in its cure";
export const takeItOutOfThe = "Take it out of the cure";
export const way = "Short cure";
export const saltAndSugarMinutes = "salt and sugar, minutes";
export const underTheCure = "Under the cure";
export const seasonsAndFirmsOnlyIt =
  "Seasons and firms only: it keeps no longer than raw. Cold (4 °C or below) throughout.";
export const minutesLessOrFreshWater = "Minutes less, or fresh water after it.";
export const minutesMoreOrThinnerFillets = "Minutes more, or thinner fillets.";
