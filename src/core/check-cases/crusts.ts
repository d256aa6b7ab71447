import {
  boxShellMl,
  ellipsoidAreaCm2,
  ellipsoidShellMl,
  ellipsoidVolumeMl,
  uniformShellMl,
  type CrustFood,
} from "../vessel/crust-shell";
import type { Nested } from "./case";

interface Inputs {
  food_box_mm?: number[];
  food_axes_mm?: number[];
  shell_mm: number;
  base_mm: number;
  bulk_density_g_mL: number;
  food_g: number;
}

const foodOf = ([lengthMm, widthMm, heightMm]: number[]): CrustFood => ({ lengthMm, widthMm, heightMm });
const thicknessOf = (i: Inputs) => ({ overMm: i.shell_mm, underMm: i.base_mm });

const saltOf = (shellMl: number, i: Inputs) => ({
  shell_volume_mL: shellMl,
  salt_g: shellMl * i.bulk_density_g_mL,
  salt_to_food_ratio: (shellMl * i.bulk_density_g_mL) / i.food_g,
});

export const box = (i: Inputs): Nested => saltOf(boxShellMl(foodOf(i.food_box_mm ?? []), thicknessOf(i)), i);

export function ellipsoid(i: Inputs): Nested {
  const food = foodOf(i.food_axes_mm ?? []);
  return {
    food_volume_mL: ellipsoidVolumeMl(food),
    ...saltOf(ellipsoidShellMl(food, thicknessOf(i)), i),
    true_uniform_thickness_shell_mL: uniformShellMl(food, i.shell_mm),
    ellipsoid_area_cm2: ellipsoidAreaCm2(food),
  };
}
