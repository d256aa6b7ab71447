import { MASS_G } from "../quantity/units";

/** Fridge thawing, h per lb: 24 h to each 4 to 5 lb at 4 °C or below. USDA FSIS, *from memory*. */
const FRIDGE_H_PER_LB = { low: 24 / 5, high: 24 / 4 };
/** Cold-water thawing, min per lb. USDA FSIS, *from memory*. */
const WATER_MIN_PER_LB = 30;
/** Cold water is changed this often, min. USDA FSIS, *from memory*. */
export const CHANGE_WATER_MIN = 30;

/** Hours in the fridge to thaw a piece. @param massG of one piece, wrapped, g */
export function fridgeThawH(massG: number): { low: number; high: number } {
  const lb = massG / MASS_G.lb;
  return { low: lb * FRIDGE_H_PER_LB.low, high: lb * FRIDGE_H_PER_LB.high };
}

/** Minutes in cold water, sealed, to thaw a piece; cook at once afterwards. @param massG of one piece, g */
export const coldWaterThawMin = (massG: number): number => (massG / MASS_G.lb) * WATER_MIN_PER_LB;
