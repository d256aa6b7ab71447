export const whatItIsMadeOf = "What it is made of";
export const food = "Food";
export const salt = "Salt";
export const goesIn = "Goes in";
export const vessel = (liquid: boolean) => (liquid ? "Vessel" : "Tray");
export const cook = "Cook";
export const besideIt = "Beside it";
export const eaters = "Eaters";
