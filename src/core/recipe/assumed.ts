/** Where a table has no spoon density: chopped and loose things lie about here, g/mL. *Practice*, rough; shown as a guess. */
export const DENSITY_UNKNOWN_G_PER_ML = 0.5;
