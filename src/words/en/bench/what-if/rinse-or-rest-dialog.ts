export const rinseOrRestTakenOut = (pullH: string) => `Rinse or rest, taken out at ${pullH}`;
export const howLongARinse = "How long a rinse";
export const howLongARinseTo = "How long a rinse to come back to what is wanted?";
export const inPlentyOfColdWater = (amount: string) => `${amount} in plenty of cold water`;
export const howLongARest = "How long a rest";
export const howLongARestTo = "How long a rest to even out?";
export const inTheFridgeOutOf = (amount: string) => `${amount} in the fridge, out of the salt`;
export const workingItOut = "working it out …";
export const theSumsDoNotWork = "The sums do not work out for what is on the Bench.";
export const notWithinByThenThe = (nearestH: string, reached: string) =>
  `Not within ${nearestH}: by then the mean is ${reached}.`;
export const noRinseIsNeededThe = (after: string, reached: string) =>
  after === "rinse"
    ? `No rinse is needed: the mean is ${reached}, not over what is wanted. Patting dry is enough.`
    : "It is even already.";
