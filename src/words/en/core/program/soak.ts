export const atCovered = ({
  place,
  temperatureC,
  covered,
}: {
  place: string;
  temperatureC: string;
  covered: boolean;
}) => `${place} at ${temperatureC} °C, ${covered ? "covered" : "bare, so that the surface dries"}.`;
export const stands = "stands";
export const place = {
  fridge: "In the fridge",
  cooler: "In a cooler with ice",
  counter: "On the counter",
};
export const gIceAboutIt = (firstG: string) => `; ${firstG} g ice about it`;
export const onOrAboutIt = "on or about it";
export const ice = "ice";
export const turnItPressItUnder = "Turn it, press it under again";
export const spentLiquidLiesAgainstThe = "Spent liquid lies against the food and slows the salt.";
export const lookAtTheIceTop = (topUpG: number, grams: string) =>
  topUpG > 0 ? `Look at the ice, top it up with about ${grams} g` : "Look at the ice";
export const iceMeltsRawFoodStays = "Ice melts; raw food stays at 4 °C or below.";
export const theThermometerReads4C = "The thermometer reads 4 °C or less.";
export const overFiveHoursWithoutA = "Over five hours without a look the ice may be gone and the food warm.";
export const whatIsLeftInThe = " What is left in the vessel is thrown away.";
export const theRailSaysWhenA = (boiled: boolean, left: string) =>
  `The rail says when; a taste of the cooked end says whether.${boiled ? " What is left in the vessel is for the sauce." : left}`;
export const itKeepsInAllAnd = (keeps: string) => `It keeps ${keeps} in all, and goes on salting.`;
