export const inUse = "In use";
export const itIsUsedThere = (uses: string) => `${uses}: it is used there.`;
