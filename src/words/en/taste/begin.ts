export const byPairs = "By pairs";
export const tenEachNearer = "ten each, nearer";
export const oneByOne = "One by one";
export const fiveEachQuick = "five each, quick";
export const table1 = "Table 1";
export const aNewTasting = "A new tasting";
export const fiveSmallSamplesFrom0 =
  "Five small samples, from 0.6 to 1.8 % salt, under codes. Half an hour; nobody knows which is which.";
export const how = "How";
export const tastedIn = "Tasted in";
export const theySpitOutAsTasters = "They spit out, as tasters do";
export const whoTastes = "Who tastes";
export const thisOne = "This one";
export const tastes = (tName: string) => `${tName} tastes`;
export const name = "Name";
export const table = (tastersCount: number) => `Table ${tastersCount}`;
export const another = "Another";
export const beginWithOneEater = (goingCount: number) =>
  `Begin with ${goingCount === 1 ? "one eater" : `${goingCount} eaters`}`;
