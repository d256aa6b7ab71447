export const thePlanDrawn = "The plan, drawn";
export const thePlanByTime = "The plan, by time";
export const now = (nowMs: string) => `now ${nowMs}`;
export const loadName = { fridge: "fridge", oven: "oven", oven1: "oven", hands: "hands" };
export const theTable = "the table";
export const oneNight = (nights: number) => (nights === 1 ? "one night" : `${nights} nights`);
export const usedOfRoom = (litres: string, fridgeL: string) => `${litres} of ${fridgeL}`;
export const oven = (number: string) => `oven ${number}`;
