import { CHANGE_WATER_MIN, coldWaterThawMin, fridgeThawH } from "../heat/thaw";
import { MASS_G } from "../quantity/units";
import type { Nested } from "./case";

export function thawFridge(i: { weight_lb: number }): Nested {
  const { low, high } = fridgeThawH(i.weight_lb * MASS_G.lb);
  return { hours_range: [low, high] };
}

export const thawColdWater = (i: { weight_lb: number }): Nested => ({
  minutes: coldWaterThawMin(i.weight_lb * MASS_G.lb),
  change_water_every_minutes: CHANGE_WATER_MIN,
});
