export const by = {
  scale: "as said",
  spoon: "spoon",
  pieces: "pieces",
  fruit: "fruit’s juice",
  words: "our words",
  guess: "a guess",
};
export const linesOfTheRecipe = "Lines of the recipe";
export const lineByLine = "Line by line";
export const setAside = "set aside";
export const forThe = (part: string) => `for the ${part}`;
export const theFoodItselfSeeThe = "the food itself: see “The dish”";
export const gramsOf = "Grams of ";
export const noAmountGiven = "no amount given";
export const ofTheFood = (grams: string, by: string) => `${grams} % of the food${by}`;
export const mendTheWordsOf = (lineText: string) => `Mend the words of “${lineText}”`;
export const isRight = (line: string) => `“${line}” is right`;
