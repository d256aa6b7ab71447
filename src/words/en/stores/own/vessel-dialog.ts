export const change = (entryName: string) => `Change ${entryName}`;
export const aVesselOfOurOwn = "A vessel of our own";
export const name = "Name";
export const kind = "Kind";
export const madeOf = "Made of";
export const keepIt = "Keep it";
