export const waterCold = "Water, cold";
export const lemon = "lemon";
export const lime = "lime";
export const orange = "orange";
export const grapefruit = "grapefruit";
export const bitterOrange = "bitter orange";
export const yuzu = "yuzu";
export const whereNote = {
  underSkin: "under the skin",
  cavity: "in the cavity",
  overUnder: "over and under",
  inSalt: "in the crust's salt",
  tray: "on the tray",
};
export const itsJuice = (fruit: string) => `${fruit}, its juice`;
