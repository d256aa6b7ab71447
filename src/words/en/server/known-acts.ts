export const actOfThisBatch = "act of this batch";
export const lineOfThisBatchsWeigh = "line of this batch's weigh-out";
