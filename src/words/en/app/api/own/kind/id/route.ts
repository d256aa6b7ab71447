export const kindOfEntry = "kind of entry";
export const inUse = "In use";
export const useItPutItAway = (uses: string, usesCount: number) =>
  `${uses} ${usesCount > 1 ? "use" : "uses"} it: put it away instead.`;
