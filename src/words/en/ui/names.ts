export const endName = {
  flesh: "in the flesh",
  surface: "on it",
  coat: "in the coat",
  reserve: "in the part set aside",
  inside: "in the cavity, with what is stuffed in",
  skin: "on the skin that is taken off",
  left: "left on the tray or in the crust",
  companions: "in what goes beside it",
  vessel: "left in the vessel",
  crust: "in the crust",
  rinsed: "taken out by fresh water",
  stock: "in the carcass, for the stock",
  takenOff: "rinsed or brushed off",
  fallenOff: "fallen off",
  runOut: "run out of it again",
};
export const placeSaid = {
  fridge: "in the fridge",
  cooler: "in a cooler with ice",
  counter: "in the room",
};
