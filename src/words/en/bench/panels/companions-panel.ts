export const besideIt = "Beside it";
export const beforeTheHeat = "before the heat";
export const whileItCooks = "while it cooks";
export const outOfTheHeat = "out of the heat";
export const atTheTable = "at the table";
export const addToThe = (kind: string) => `Add to the ${kind}`;
export const onInTheLast = "On in the last";
export const whatLayOnTheRaw = "What lay on the raw food";
export const isThrownAway = "is thrown away";
export const goesInBoiled = "goes in, boiled";
export const goesInAsItIs = "goes in as it is";
export const goesOn = "Goes on";
export const takeTheOut = (kind: string) => `Take the ${kind} out`;
export const minBeforeTheFood = (inAtMin: number) =>
  inAtMin < 0
    ? `in ${-inAtMin} min before the food`
    : inAtMin === 0
      ? "in with the food"
      : `in ${inAtMin} min after the food`;
