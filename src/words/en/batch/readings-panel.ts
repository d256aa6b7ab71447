export const readings = "Readings";
export const saltInRealFleshRuns =
  "Salt in real flesh runs up to twice as fast or slow as the table. A reading of the brine corrects it.";
export const takeBackTheReadingOf = (atMs: string) => `Take back the reading of ${atMs}`;
export const takeBack = "Take back";
export const keptForThisFood = (kept: boolean) => (kept ? "Kept for this food" : "Keep for this food here");
export const brineReadAt = (saltFraction: string) => `brine read at ${saltFraction} %`;
export const weighedGBeforeGNow = (beforeG: string, afterG: string) =>
  `weighed ${beforeG} g before, ${afterG} g now`;
export const saltRunsTheTableIn = (factor: string, sure: number) =>
  `Salt runs ${factor} × the table in this batch, give or take ${sure} %.`;
export const theWindowIsWorkedOut = "The window is worked out anew.";
export const theWindowStaysWhereIt = "The window stays where it was.";
export const readyEarlierThanToldAt = (time: string, movedH: number) =>
  `Ready ${time} ${movedH < 0 ? "earlier" : "later"} than told at the start.`;
export const whatWasRead = "What was read";
export const theBrinesStrength = "the brine’s strength";
export const theFoodsWeight = "the food’s weight";
export const brineNow = "Brine now";
export const thereIsSugarInIt =
  "There is sugar in it: a hydrometer reads too high. Use a salt meter, or take the sugar off.";
export const weightBefore = "Weight before";
export const weightNow = "Weight now";
export const enterTheReading = "Enter the reading";
