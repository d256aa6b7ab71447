export const saturday = "Saturday";
export const doesNotReadAsA = (fileName: string) =>
  `${fileName} does not read as a sitting: it wants a file that “File” on a sitting gave out.`;
export const sitting = "Sitting";
export const fromAFile = "From a file";
export const planASitting = "Plan a sitting";
export const weEatAtSixOn =
  "“We eat at six on Saturday”: say when, add the dishes, and the hours fall into place.";
export const noDishesYet = "no dishes yet";
