export const tasting = "Tasting";
