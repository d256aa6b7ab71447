export const trends = "Trends";
export const saltWantedAndHowIt = "Salt wanted, and how it was found";
export const judgedBatches = (judgedCount: number) => `${judgedCount} judged batches`;
export const hoursUntilReadyAsForetold = "Hours until ready as foretold, and hours it stood";
export const batchesByTheirHours = (timedCount: number) => `${timedCount} batches by their hours`;
