export const thickAndThinAsButterflied = "Thick and thin, as butterflied";
export const thinPartThickness = "Thin part, thickness";
export const thinPartOfTheWeight = "Thin part, of the weight";
