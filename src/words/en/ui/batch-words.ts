export const intoTheOven = "into the oven";
export const takeOutOfTheOven = (baked: boolean) => (baked ? "take out of the oven" : "take out");
export const pieces = (count: number) => ` · ${count} pieces`;
export const putIn = "put in";
