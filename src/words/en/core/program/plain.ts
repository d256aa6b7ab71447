export const prepareThe = (dishName: string) => `Prepare the ${dishName}`;
export const cutAlikeSoThatAll = "Cut alike, so that all of it cooks alike.";
export const onTheHob = "on the hob";
export const intoTheOven = (ovenC: string) => `into the oven, ${ovenC} °C`;
export const sortedByTheirTimeSo = (traysCount: number) =>
  traysCount > 1
    ? "Sorted by their time, so that all are ready together."
    : "Tender is when a knife slides in.";
export const lasts = "for";
export const heatTheOvenTo = (ovenC: string) => `Heat the oven to ${ovenC} °C`;
export const anOvenTakesLongerThan = "An oven takes longer than its lamp says.";
export const toTheTable = (dishName: string) => `${dishName} to the table`;
export const outOfTheHeatOn = "Out of the heat, on warm plates.";
