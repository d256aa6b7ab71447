export const keptByItself = "Kept by itself";
export const everySixHoursWhileIt =
  "Every six hours while it runs: all of two days, one a day for two weeks, one a week for ten. They lie beside the database; copy them to another disk now and then.";
export const noneYetTheFirstIs = "None yet: the first is taken ten minutes after the start.";
export const kb = (bytes: number) => `${bytes} kB`;
export const andOlder = (snapshotsCount: number) => `and ${snapshotsCount} older`;
