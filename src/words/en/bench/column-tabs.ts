export const ways = "Ways";
export const soak = "Soak";
export const weighOut = "Weigh out";
export const partOfTheBench = "Part of the Bench";
