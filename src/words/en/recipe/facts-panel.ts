export const likely = "Likely";
export const theDish = "The dish";
export const name = "Name";
export const food = "Food";
export const chooseTheFood = "choose the food";
export const weightOfAllPieces = "Weight of all pieces";
export const pieces = "Pieces";
export const asA = "As a";
export const toldBy = (because: string) => `Told by ${because}.`;
export const takeOutAfter = "Take out after";
export const takenAtItsMiddle = ", taken at its middle";
export const theRecipeDoesNotSay = "The recipe does not say: the usual hours.";
export const portions = "Portions";
export const notSaidByTheRecipe = "The recipe does not say.";
export const thenCooked = "Then cooked:";
export const notSaid = "the recipe does not say";
export const noOvenNamedThisKitchens = "No oven named: this kitchen’s usual.";
export const weightBy = {
  read: "As the recipe says; weigh yours.",
  converted: "Worked out; weigh yours.",
  guessed: "Pieces of the usual size: weigh yours.",
  missing: "The recipe does not say: weigh yours.",
};
export const cFor = (ovenC: string, minutes: string) => `${ovenC} °C for ${minutes}`;
export const then = ", then ";
export const oven = (ovenC: string) => `oven ${ovenC} °C, `;
export const toCInTheMiddle = ({ oven, toC, restMin }: { oven: string; toC: string; restMin: string }) =>
  `${oven}, to ${toC} °C in the middle, rest ${restMin}`;
