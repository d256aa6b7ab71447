export const notWithinFourDays = "not within four days";
export const fromAbout = (ready: string) => `from about ${ready}`;
export const itsSoakIsTooShort = (highH: string, which: string) =>
  `Its soak is too short: ${highH}, and it is as wanted ${which}`;
export const longerThinnerOrSlashedPieces =
  "Longer, thinner or slashed pieces, or a stronger brine: the Bench shows each.";
export const itsSoakIsTooLong = (lowH: string, past: string) =>
  `Its soak is too long: ${lowH}, and it has stood too long from about ${past}`;
export const takeItOutSoonerOr = "Take it out sooner, or brine at equilibrium strength, which waits.";
export const cWhereCIsThe = ({
  title,
  celsius,
  safeMinC,
}: {
  title: string;
  celsius: number;
  safeMinC: number;
}) => `${title}: ${celsius} °C, where ${safeMinC} °C is the official one`;
