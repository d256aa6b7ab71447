export const examples = {
  mass: "2.4 kg, 850 g or 4 lb 6 oz",
  volume: "500 ml or 2 cups",
  length: "45 mm, 4.5 cm or 1¾ in",
  duration: "36 h or 90 min",
  temperature: "3 °C or 38 °F",
  none: "a plain number such as 1.5",
};
export const enter = (example: string) => `Enter ${example}.`;
export const doesNotReadAsAn = (errorText: string, example: string) =>
  `“${errorText}” does not read as an amount. Try ${example}.`;
export const isNotAUnitKnown = (unit: string, example: string) =>
  `“${unit}” is not a unit known here. Try ${example}.`;
export const ofWhatAtTheEnd = (errorText: string, likely: string) =>
  `“${errorText}” of what at the end? Write “${errorText} ${likely}”, or its unit.`;
export const endsWithoutAUnitTry = (errorText: string, example: string) =>
  `“${errorText}” ends without a unit. Try ${example}.`;
export const doesNotFitHereTry = (unit: string, example: string) =>
  `“${unit}” does not fit here. Try ${example}.`;
export const couldBeOrWriteOne = ({
  errorText,
  asThousands,
  asDecimal,
}: {
  errorText: string;
  asThousands: number;
  asDecimal: number;
}) => `“${errorText}” could be ${asThousands} or ${asDecimal}. Write one of the two.`;
export const aWholeNumberNot = (errorValue: number) => `A whole number, not ${errorValue}.`;
export const atLeast = (min: string) => `At least ${min}.`;
export const isTooMuchAtMost = (errorValue: string, max: string) =>
  `${errorValue} is too much; at most ${max}.`;
export const theFoodIsNotIn = (id: string) => `The food “${id}” is not in the table. Choose another.`;
export const theSaltIsNotIn = (id: string) => `The salt “${id}” is not in the table. Choose another.`;
export const holdsNoSodiumChlorideIt = (errorName: string) =>
  `${errorName} holds no sodium chloride: it cannot season by these sums.`;
export const theFoodAlreadyHoldsSalt = (heldFraction: string) =>
  `The food already holds ${heldFraction} % salt. Ask for more than that, or do not brine it.`;
export const theIngredientIsNotIn = (id: string) =>
  `The ingredient “${id}” is not in the table. Take the line out, or choose another.`;
export const thereIsNothingInThe =
  "There is nothing in the mixture yet. Add a line with an amount, such as 20 g of oil to the kilogram.";
export const thereIsNothingWetFor =
  "There is nothing wet for the flour to bind. Add juice, yoghurt or fresh ginger and garlic.";
export const thisVesselLeavesNoRoom =
  "This vessel leaves no room for water. Choose an amount, or a larger vessel.";
export const gOfSaltAndOther = (inItG: string, brineG: string) =>
  `${inItG} g of salt and other lines are more than ${brineG} g of brine has room for. More brine of its weight, or less in it.`;
export const mmCannotBeRightFor = ({
  thicknessMm,
  likelyMm,
  minMm,
  maxMm,
}: {
  thicknessMm: string;
  likelyMm: string;
  minMm: string;
  maxMm: string;
}) =>
  `${thicknessMm} mm cannot be right for a piece of this weight: about ${likelyMm} mm is likely, ${minMm} to ${maxMm} mm possible.`;
export const aPieceOfThisWeight = ({
  lengthMm,
  minMm,
  maxMm,
}: {
  lengthMm: string;
  minMm: string;
  maxMm: string;
}) =>
  `A piece of this weight and thickness cannot be ${lengthMm} mm long: ${minMm} to ${maxMm} mm, or it would be narrower than it is thick.`;
export const theSoakCannotBeComputed = ({
  field,
  errorValue,
  unit,
  min,
  max,
}: {
  field: string;
  errorValue: number;
  unit: string;
  min: number;
  max: number;
}) =>
  `The soak cannot be computed: ${field} is ${errorValue} ${unit}; it must lie between ${min} and ${max}.`;
export const farTooLittleSalt = "far too little salt";
export const aLittleBland = "a little bland";
export const saltRight = "salt right";
export const aLittleSalty = "a little salty";
export const farTooSalty = "far too salty";
