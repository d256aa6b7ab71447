export const rowOfDoesNotRead = ({ index, name, field }: { index: number; name: string; field: string }) =>
  `Row ${index} of ${name} does not read${field ? ` (${field})` : ""}.`;
export const notASnapshotOfA = "Not a snapshot of a kitchen";
export const nothingWasChangedItWants = (why: string) =>
  `${why} Nothing was changed. It wants a file that “Take a snapshot” gave.`;
export const thisIsNotADatabase = "This is not a database file.";
export const theFileIsDamaged = "The file is damaged.";
export const theFileHoldsWhatNo = "The file holds what no kitchen has.";
export const itIsADatabaseOf = "It is a database of something else.";
export const aNewerKitchen = "A newer kitchen";
export const thisSnapshotWasMadeBy =
  "This snapshot was made by a newer Iron Crock. Nothing was changed. Bring this one up to date first.";
export const theFileDoesNotRead = "The file does not read as a kitchen's database.";
export const itsRowsDoNotBelong = "Its rows do not belong together.";
export const aRowOfItDoes = "A row of it does not read.";
