/** Egg whites as they are told everywhere, to a tenth: a cook may give them by weight. */
export const whitesSaid = (whites: number): number => Math.round(whites * 10) / 10;
