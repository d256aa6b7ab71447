export const itDoesNotFitAs = "It does not fit as it is.";
export const theSumsOfNoLonger = (dish: string) => `The sums of ${dish} no longer work out.`;
export const lateBy = (byMin: string) => `Late by ${byMin}.`;
export const everythingFits = "Everything fits.";
export const hotFoodWaitsInAll = (hotWait: number, time: string) =>
  hotWait > 0 ? `Hot food waits ${time} in all.` : "Hot food comes straight to the table.";
export const nobodyGetsUpInThe = "Nobody gets up in the night.";
export const somebodyGetsUpOnceIn = (upCount: number) =>
  upCount === 1
    ? "Somebody gets up once in the night."
    : `Somebody gets up for ${upCount} acts in the night.`;
export const oneActIsEarlyOr = (acts: number) =>
  acts === 1 ? "One act is early or late in the day." : `${acts} acts are early or late in the day.`;
export const then = ", then ";
export const heats = (heats: string) => `Heats: ${heats}.`;
