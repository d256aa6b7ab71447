export const brinesByWeightAndThe = "Brines by weight, and the hours they need.";
