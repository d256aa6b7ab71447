import type { Usual } from "./kitchen";

/* Figures that pages and server both know. They stand apart from the schemas: a page that shows one need not bring what checks. */

/** Characters a passphrase has at least. */
export const PASSPHRASE_MIN = 10;

/** How long an oven takes to its heat, min. */
export const HEAT_UP_MIN = { min: 3, max: 90 };

/** Batches on a page of the record. */
export const PAGE_SIZE = 40;

/** What a kitchen has that has not said what it has. */
export const USUAL: Usual = {
  equipment: { fridgeL: 120, ovens: 1, shelves: 3, rings: 4, coolers: 1, trays: 6, vessels: 4, cooks: 2 },
  quiet: { from: "22:30", to: "06:30" },
  oven: { setC: 180, fan: false },
};
