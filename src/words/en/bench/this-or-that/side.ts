export const giveOrTake = "give or take";
export const lessThanShows = ({ narrow, low, high }: { narrow: boolean; low: string; high: string }) =>
  narrow ? "less than shows" : `${low} to ${high} %`;
export const inTheMiddle = "in the middle";
export const asWantedFrom = "as wanted from";
export const howStrong = "how strong";
export const saltToWeigh = "salt to weigh";
export const sodiumAPortion = "sodium a portion";
export const tub = "tub";
export const toMind = "to mind";
export const notWhileItMayStand = "not while it may stand";
export const brine = (saltFraction: string) => `${saltFraction} % brine`;
export const to1 = (ratio: string) => `${ratio} to 1`;
export const ofTheMeat = (naclG: string) => `${naclG} % of the meat`;
export const stops = (count: number) => `${count} ${count === 1 ? "stop" : "stops"}`;
export const cautions = (count: number) => `${count} ${count === 1 ? "caution" : "cautions"}`;
export const nothing = "nothing";
