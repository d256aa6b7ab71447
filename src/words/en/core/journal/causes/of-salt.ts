export const saltWasWeighedOverIts = (saltFactor: number) =>
  `Salt was weighed ${saltFactor} % over its line.`;
export const weighItAgainstTheBand = "Weigh it against the band, and rebalance when it runs over.";
export const ofTheSaltEatenCame = (share: number) =>
  `${share} % of the salt eaten came from other lines than salt.`;
export const cutTheSaltiestOfThem = "Cut the saltiest of them, or swap it for its unsalted kind.";
export const theFleshHeldWhereWas = (meanFraction: string, amount: string) =>
  `The flesh held ${meanFraction} where ${amount} was wanted.`;
export const itCameOutAtOf = ({
  meanFraction,
  amount,
  hours,
}: {
  meanFraction: string;
  amount: string;
  hours: string;
}) => `It came out at ${meanFraction} of ${amount} wanted, after ${hours} h.`;
export const theSaltAskedForWas = (amount: string) => `The salt asked for was itself ${amount}.`;
export const askForLess = "Ask for about 0.15 % less.";
export const theSaltAskedForWasOfAmount = (amount: string) => `The salt asked for was itself only ${amount}.`;
export const askForMore = "Ask for about 0.15 % more.";
export const theFaceHeldTheMean = (surfaceFraction: string, meanFraction: string) =>
  `The face held ${surfaceFraction}, the mean ${meanFraction}.`;
export const brushOffEveryGrainAnd = (what: boolean) =>
  what
    ? "Brush off every grain, and peel the skin at the table."
    : "Rest it once it is out, so that it evens out, or rinse a strong brine.";
export const theCentreHeldOfThe = (centreFraction: string, evenness: number) =>
  `The centre held ${centreFraction}: ${evenness} % of the mean.`;
export const mmToGoIsFar = (halfThicknessM: number) =>
  `${halfThicknessM} mm to go is far: slash it, cut it thinner, or start a day earlier.`;
export const hTheWindowEndedAt = (hours: string, ended: string) =>
  `${hours} h; the window ended at ${ended} h.`;
export const openItWhenItsProbe = (what: boolean) =>
  what ? "Open it when its probe says so." : "Take it out inside its window.";
export const forHIsTheMost = ({ pH, hours, limit }: { pH: string; hours: string; limit: number }) =>
  `pH ${pH} for ${hours} h; ${limit} h is the most for this food.`;
export const sharpAcidInTheLast = "Sharp acid in the last minutes, or a dairy marinade.";
