export const brushTheGlazeOnThin = (lastMin: string) => `Brush the glaze on, thin, ${lastMin} before the end`;
export const sugarBurnsOnlyInThe = "Sugar burns: only in the last minutes.";
export const aCleanBrushNotThe = "A clean brush: not the one that touched raw food.";
export const intoTheOvenBesideIt = (own: string, bakeMin: string) =>
  `Into the oven beside it: ${own}, ${bakeMin}`;
export const itStaysInAfterThe = (staysMin: number, time: string) =>
  staysMin > 0
    ? `It stays in ${time} after the food is out to rest.`
    : "Sorted by baking time, so that all is done with the food.";
export const lasts = "for";
export const glazeForOthers = (lastMin: number) =>
  `For the last ${lastMin} minutes: brush the glaze on, thin.`;
export const bedForOthers = (own: string, bakeMin: string) =>
  `Beside it in the oven, for the last ${bakeMin}: ${own}.`;
