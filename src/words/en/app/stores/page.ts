export const stores = "Stores";
