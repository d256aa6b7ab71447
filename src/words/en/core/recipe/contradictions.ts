export const twoOvenTemperaturesAnd = (one: string, other: string) =>
  `Two oven temperatures: ${one} and ${other}`;
export const chooseOneOrMakeTwo =
  "Choose one, or make two stages of it; nothing says that the oven is changed.";
export const to = (low: string, high: string) => `${low} to ${high}`;
export const itsTimesDoNotSum = (minutes: string, low: string) =>
  `Its times do not sum: ${minutes} stated, ${low} in the steps`;
export const goByTheStepsThe = "Go by the steps; the stated time is left aside.";
export const saltIsGivenTwice = "Salt is given twice";
export const countItOnceSayWhich =
  "Count it once: say which of the two seasons the food, and leave the other out or mark it as a second salting.";
export const saltHidesInOtherLines = "Salt hides in other lines";
export const theSaltLedgerOnThe =
  "The salt ledger on the Bench counts them all; the salt itself may have to be less.";
export const aSpoonOfSaltIs = (saltRangeLow: number, saltRangeHigh: number) =>
  `A spoon of salt is no weight: ${saltRangeLow} to ${saltRangeHigh} g`;
export const byCrystalFromToPick = (lightest: string, densest: string) =>
  `By crystal, from ${lightest} to ${densest}: pick the salt it was written for, or weigh it.`;
export const twoCoreTemperaturesAnd = (one: string, other: string) =>
  `Two core temperatures: ${one} and ${other}`;
export const oneMayBeWhenIt =
  "One may be when it comes out, the other after its rest: set the one it comes out at.";
