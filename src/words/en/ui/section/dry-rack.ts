export const thick = (thicknessMm: string) => `${thicknessMm} thick`;
export const inEvery = (spacing: string) => `in every ${spacing}`;
export const coat = (coatMm: string) => `${coatMm} coat`;
export const rack = "rack";
export const trayRimmed = "tray, rimmed";
export const fleshSideUpSaltDoes = "flesh side up; salt does not pass the skin";
