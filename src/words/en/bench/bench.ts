export const bench = "Bench";
export const nameOfTheFormula = "Name of the formula";
export const aFormulaNeedsAName = "A formula needs a name.";
export const printSheet = "Print sheet";
export const startThisBatch = "Start this batch";
export const cannotBeWorkedOutYet = "Cannot be worked out yet";
export const everythingYouEnteredIsKept = "Everything you entered is kept.";
export const weighOut = "Weigh out";
export const notSavedYet = "not saved yet";
export const beginAnew = "begin anew";
export const versionChangesNotSaved = (version: number, changed: boolean) =>
  `version ${version}${changed ? " · changes not saved" : " · saved"}`;
