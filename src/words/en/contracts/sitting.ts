export const aNameSoThatIt = "A name, so that it is known on the day.";
export const atLeastOneThingTo = "At least one thing to cook.";
export const atMostDishesToA = (dishesMax: number) => `At most ${dishesMax} dishes to a sitting.`;
export const anAbsenceEndsAfterIt = "An absence ends after it begins.";
