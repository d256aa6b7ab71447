import type { EndId } from "@/core/formula/account/dish-ledger";
import type { Holding } from "@/core/formulation";

export { KIND_NAME, LAW_NAME, LAW_UNIT, PART_NAME, PREPARATION_NAME } from "@/core/exchange/names";

/* What else is called by a name on screen and on paper. */

export const END_NAME: Record<EndId, string> = {
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

/** "cereals_gluten" → "cereals, gluten". */
export const allergenName = (id: string): string =>
  id.replaceAll("_", " ").replace("cereals gluten", "gluten");

/** Where it stands, as a sentence goes on with it. */
export const PLACE_SAID: Record<Holding["place"], string> = {
  fridge: "in the fridge",
  cooler: "in a cooler with ice",
  counter: "in the room",
};
