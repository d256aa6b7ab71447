export const dishesAtWork = "Dishes at work";
export const outNow = (coreC: string) => `${coreC}: out now`;
export const inTheOven = "in the oven";
export const inTheOvenOfCoreC = (coreC: string) => `${coreC} in the oven`;
export const served = "served";
export const resting = "resting";
export const allDone = "all done";
export const standsTill = (ahead: boolean, due: string) => (ahead ? `stands till ${due}` : "take it out");
export const nextIn = (untilH: number, time: string) => (untilH > 0 ? `next in ${time}` : "next: now");
