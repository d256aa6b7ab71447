export const takeTheNewFigure = (taken: boolean) => (taken ? "Take the new figure" : "Reckon with it");
export const forgetIt = "Forget it";
export const takenForTrueHereNew = (taken: boolean) =>
  taken ? "Taken for true here: new batches reckon with it." : "Not taken: the sums are the table’s still.";
export const count = (leftOut: boolean) => (leftOut ? "Count" : "Leave out");
export const countItAgain = (leftOut: boolean) => (leftOut ? "count it again" : "leave it out");
