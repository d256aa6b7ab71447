export const tooLongInAcidBears = (foodName: string, limitH: number) =>
  `Too long in acid: ${foodName} bears about ${limitH} h of it`;
export const itsSoakIsLongFor = (foodName: string, mostH: number) =>
  `Its soak is long for ${foodName}: practice stops at ${mostH} h`;
export const twoSoaksAnd = (otherText: string, soakText: string) => `Two soaks: ${otherText} and ${soakText}`;
export const chooseOneTheBenchShows = "Choose one; the Bench shows what each does.";
export const itsTimesDoNotSum = (ovenTotalText: string, low: number) =>
  `Its times do not sum: ${ovenTotalText} in all, ${low} min in its stages`;
export const goByTheStagesA = "Go by the stages; a probe decides.";
export const twoAmountsOf = (lineName: string) => `Two amounts of ${lineName}`;
export const weighWhatYouMeanThe = "Weigh what you mean; the list goes on the Bench.";
