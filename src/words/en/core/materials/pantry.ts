export const weighedInThisKitchen = "weighed in this kitchen";
