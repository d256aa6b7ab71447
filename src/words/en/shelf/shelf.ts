export const shelf = "Shelf";
export const startABatch = "Start a batch";
export const nothingIsSoakingTheBench = "Nothing is soaking. The Bench has the formulas.";
export const finishedLately = "Finished lately";
export const takenOut = (liftedAtMs: string) => `taken out ${liftedAtMs}`;
export const rawPastItsDaysSince = (past: boolean) =>
  past ? "raw past its days since" : "to be cooked, by the usual chart, by";
