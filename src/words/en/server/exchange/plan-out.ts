export const noPlan = "No plan";
export const thisSittingDoesNotFit =
  "This sitting does not fit as it stands: open it, and take one of the changes offered.";
