export const putItOnTheBench = "Put it on the Bench";
export const sayWhichFoodItIs = "Say which food it is for.";
export const oneLineHasNoIngredient = (unsettled: number) =>
  `${unsettled === 1 ? "One line has" : `${unsettled} lines have`} no ingredient or weight yet: choose, or leave it out.`;
export const oneLineIsStillTo = (open: number) =>
  `${open === 1 ? "One line is" : `${open} lines are`} still to be confirmed.`;
export const everyLineIsConfirmed = "Every line is confirmed.";
