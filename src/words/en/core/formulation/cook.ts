export const thePartsTogetherAreNot = "The parts together are not more than the whole.";
