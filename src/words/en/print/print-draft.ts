export const thereIsNothingToPrint =
  "There is nothing to print yet: change something on the Bench first, or open a saved formula.";
export const backToTheBench = "Back to the Bench";
