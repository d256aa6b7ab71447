export const thisKitchen = "This kitchen";
