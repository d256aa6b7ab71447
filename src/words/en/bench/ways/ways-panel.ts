export const waysToGetThere = "Ways to get there";
export const waysToGetThereBy = (by: string) => `Ways to get there by ${by}`;
export const noWayWorksOutAs = "No way works out as it stands.";
export const anotherWayFurtherOff = (othersCount: number) =>
  `${othersCount === 1 ? "Another way" : `${othersCount} other ways`}, further off`;
export const howTheyAreOrdered = "How they are ordered";
export const nearestToTheSaltYou =
  "Nearest to the salt you want; then what needs no needle; then salted to the middle; then the least work; then the most even; then the least salt thrown away. A brine of more than 12 % and a dose of more than 3 % are not offered unasked: they leave the outside salty.";
export const workingThemOut = "Working them out …";
export const inAt = (inAt: string) => `in at ${inAt}`;
export const to = (saltLow: string, saltHigh: string) => `${saltLow} to ${saltHigh} %`;
