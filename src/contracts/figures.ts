/* Figures that pages and server both know. They stand apart from the schemas: a page that shows one need not bring what checks. */

/** Characters a passphrase has at least. */
export const PASSPHRASE_MIN = 10;

/** How long an oven takes to its heat, min. */
export const HEAT_UP_MIN = { min: 3, max: 90 };

/** Batches on a page of the record. */
export const PAGE_SIZE = 40;
