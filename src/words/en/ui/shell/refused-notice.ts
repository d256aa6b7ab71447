export const notTaken = "Not taken by the kitchen";
export const notTakenBecause = (what: string, why: string) => `The kitchen did not take ${what}. ${why}`;
export const aReading = (value: string) => `a reading of ${value} °C`;
export const aReadingByHand = "a reading taken by hand";
export const onTheScale = (grams: string) => `${grams} g on the scale`;
export const aJudgement = "a judgement";
export const whatWasTapped = "what was tapped or entered";
export const itsBatch = "Its batch";
export const putAway = "Put away";
