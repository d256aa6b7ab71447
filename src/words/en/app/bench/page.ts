export const bench = "Bench";
