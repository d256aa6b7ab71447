export const notFound = "Not found";
export const thereIsNoSuchIn = (what: string) => `There is no such ${what} in this kitchen.`;
export const notYet = "Not yet";
export const anActIsDoneNow = "An act is done now or was done before, not in time to come.";
export const notLaterThanNow = "not later than now";
export const notUnderstood = "Not understood";
export const theDiskIsFull = "The disk is full";
export const theDiskOfTheKitchens =
  "The disk of the kitchen's machine is full: this was not saved, and nothing kept was touched. Make room there, then save again; everything can still be read.";
export const theKitchenCanOnlyBe = "The kitchen can only be read";
export const theKitchensDatabaseMayNot =
  "The kitchen's database may not be written just now: this was not saved. Let its file and folder be written on the kitchen's machine and start it again; everything can still be read.";
export const theKitchenIsBusy = "The kitchen is busy";
export const somethingElseHeldTheKitchens =
  "Something else held the kitchen's database for too long: this was not saved. Try once more.";
