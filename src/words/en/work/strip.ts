export const dishesAtWork = "Dishes at work";
export const outNow = (coreC: string) => `${coreC}: out now`;
export const inTheOven = "in the oven";
export const inTheOvenOfCoreC = (coreC: string) => `${coreC} in the oven`;
export const served = "served";
export const resting = "resting";
export const allDone = "all done";
export const standsTill = (dueMs: boolean, dueMs2: string) =>
  dueMs ? `stands till ${dueMs2}` : "take it out";
export const nextIn = (untilH: number, untilH2: string) => (untilH > 0 ? `next in ${untilH2}` : "next: now");
