export const noAnswerFromTheKitchens = "No answer from the kitchen's server";
export const noAnswerCameSoIt =
  "No answer came, so it may not be saved. What you entered is still here; try again when the connection is back.";
export const somethingBroke = "Something broke";
export const theKitchensServerHitA =
  "The kitchen's server hit a fault. Nothing was saved; what you entered is still here.";
