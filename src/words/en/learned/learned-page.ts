export const whatIsLearnt = "What is learnt";
export const record = "Record";
export const saltIntoTheFood = "Salt into the food";
export const nothingIsKnownYetOf =
  "Nothing is known yet of how fast salt goes in here. Put a salt meter into a brine while it soaks, or weigh the food before and after: each reading teaches its food, and a little its kin.";
export const likedSalt = "Liked salt";
export const theTable = "The table";
export const to = (likedLow: string, likedHigh: string) => `${likedLow} to ${likedHigh}`;
export const aNewBenchAsksFor = (houseSalt: string) => `A new Bench asks for ${houseSalt} %.`;
export const notTakenANewBench = (known: boolean) =>
  known ? "Not taken: a new Bench asks for the usual." : "Nobody was asked yet.";
export const houseTaste = "House taste";
export const spoons = "Spoons";
export const noSaltWasWeighedBy = "No salt was weighed by the spoon yet: the table’s weights hold.";
export const aTablespoonByTheTable = (densityGPerMl: string) => `a tablespoon; by the table ${densityGPerMl}`;
export const weighASpoonOrForget = "Weigh a spoon, or forget one, in Stores";
