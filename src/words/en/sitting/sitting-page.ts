export const startItOnTheBench = " Start it on the Bench, which asks for the reason.";
export const sitting = "Sitting";
export const print = "Print";
export const csv = "CSV";
export const file = "File";
export const theHoursAndWhatThey = "The hours, and what they take";
export const theSumsOfNoLonger = (dish: string) =>
  `The sums of ${dish} no longer work out: open it on the Bench.`;
export const wasPlannedForAndIs = ({
  dish,
  overdueTitle,
  startMs,
}: {
  dish: string;
  overdueTitle: string;
  startMs: string;
}) =>
  `${dish}: “${overdueTitle}” was planned for ${startMs} and is not ticked off. The plan stays as it is until you change it.`;
export const planAgainFromNow = "Plan again from now";
export const takeTheBetterPlan = "Take the better plan";
export const thereIsABetterPlan = (waitsLessMin: number) =>
  waitsLessMin > 0
    ? `There is a better plan now: hot food waits ${waitsLessMin} min less.`
    : "There is a better plan now: hours nearer to those you wanted.";
