export const noBathToRead = "No bath to read";
export const onlyAWetBrineHas = "Only a wet brine has a bath to read; there is nothing to fit.";
export const readingOutOfReach = "Reading out of reach";
export const aReadingLiesBetweenThe = "A reading lies between the start of the batch and now.";
export const betweenTheStartOfThe = "between the start of the batch and now";
export const theSumsDoNotWork = "The sums do not work out";
export const nothingLearntYet = "Nothing learnt yet";
export const enterAReadingFirstWithout = "Enter a reading first; without one only the table is known.";
