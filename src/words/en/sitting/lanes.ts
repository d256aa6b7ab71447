export const names = {
  fridge: "Fridge",
  oven: "Oven",
  hob: "Hob",
  cooler: "Cooler",
  tray: "Trays",
  vessel: "Pails and dishes",
  hands: "Hands",
};
export const oven1 = "Oven $1";
