export const thick = (thicknessMm: string) => `${thicknessMm} thick`;
export const aboutIt = "about it";
export const bagAirPressedOutFlat = "bag, air pressed out, flat on a tray";
