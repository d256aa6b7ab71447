export const intoFreshColdWater = (minutes: string) => `Into fresh cold water, ${minutes}`;
export const itTakesTheSurfaceFrom = ({
  surfaceWas,
  surfaceIs,
  meanWas,
  meanIs,
}: {
  surfaceWas: string;
  surfaceIs: string;
  meanWas: string;
  meanIs: string;
}) =>
  `It takes the surface from ${surfaceWas} to ${surfaceIs} % salt, and the whole from ${meanWas} to ${meanIs} %.`;
export const surfaceBefore = "surface, before";
export const surfaceAfter = "surface, after";
export const meanBefore = "mean, before";
export const meanAfter = "mean, after";
export const everyMinuteMoreTakesMore = "Every minute more takes more salt out.";
export const boilWhatLayOnThe = (boilMin: number) =>
  `Boil what lay on the raw food, ${boilMin} min at a rolling boil`;
export const itGoesIntoTheUnboiled = (madeName: string) =>
  `It goes into the ${madeName}; unboiled it carries what was on the raw food.`;
export const bubblesAllOverThatStirring = "Bubbles all over that stirring does not stop.";
export const patItDry = "Pat it dry";
export const wetFoodShedsOilAnd = "Wet food sheds oil and will not brown.";
export const skinLikePaper = "Skin like paper.";
export const bareOnARackInto = "Bare on a rack into the fridge, an hour or more";
export const aBrinedSkinBrownsOnly = "A brined skin browns only once it is dry.";
export const saltTheSurfaceOnceMore = "Salt the surface once more";
export const putOnSaid = {
  coat: "Coat it",
  drizzle: "Drizzle over it",
  salting: "Salt it",
};
export const theLedgerCountsItsSalt = "The ledger counts its salt.";
export const takeItApart = (named: string) => `Take it apart: ${named}`;
export const eachPartOnItsOwn = "Each part on its own tray has its own time and its own end.";
export const carcassAndTrimmings = "carcass and trimmings";
export const outOfTheFridge = (minutes: string) => `Out of the fridge, ${minutes}`;
export const itLosesItsChillAnd = (temperatureC: string) =>
  `It loses its chill and cooks more evenly; from ${temperatureC} °C the outside warms first.`;
export const twoHoursOutOfThe = "Two hours out of the cold in all, one where it is over 32 °C.";
