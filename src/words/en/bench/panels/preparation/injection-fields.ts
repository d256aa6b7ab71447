export const brineOfItsWeight = "Brine, of its weight";
export const runsOutAgain = "Runs out again";
export const ofTheBrineWeighIt = "of the brine; weigh it before and after to know yours";
export const aStabEvery = "A stab every";
