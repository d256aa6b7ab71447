import type { Usual } from "./kitchen";

/** What a kitchen has that has not said what it has. */
export const USUAL: Usual = {
  equipment: { fridgeL: 120, ovens: 1, shelves: 3, rings: 4, coolers: 1, trays: 6, vessels: 4, cooks: 2 },
  quiet: { from: "22:30", to: "06:30" },
  oven: { setC: 180, fan: false },
};
