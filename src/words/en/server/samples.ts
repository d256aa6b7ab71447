export const readingOutOfReach = "Reading out of reach";
export const aReadingLiesBetweenThe =
  "A reading lies between the getting ready of its batch and now, or its end.";
export const betweenAnd = (earliestMs: number, latestMs: number) => `between ${earliestMs} and ${latestMs}`;
