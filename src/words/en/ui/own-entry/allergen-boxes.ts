export const allergens = "Allergens";
