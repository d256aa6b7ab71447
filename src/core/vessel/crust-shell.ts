import { ellipsoidIntegrals } from "../ellipsoid";

/** Outer size of the food in a crust, full edges or axes, mm; height is how high it lies. */
export interface CrustFood {
  lengthMm: number;
  widthMm: number;
  heightMm: number;
}

/** How thick the salt is over the food (and beside it), and under it, mm. */
export interface ShellThickness {
  overMm: number;
  underMm: number;
}

/** Salt to food by weight. *Practice*. */
export const RULE_RATIO = 1.6;
/** Of the length, what lies under salt when head and tail are left out. *Practice*, estimate. */
export const BODY_SHARE = 0.72;

const ML = 1000;

/** Thinner over the food than this it cracks, mm; a bed lies still and may be two thirds of it. *Practice*. */
const CRACKS_BELOW_MM = 8;

/** Whether a crust is thin enough to crack, dry and let its steam out. */
export const cracks = ({ overMm, underMm }: ShellThickness): boolean =>
  Math.min(overMm, underMm * 1.5) < CRACKS_BELOW_MM;

/** Salt around a box: the outer box (over each side and the top, under below) less the food; square corners. mL */
export function boxShellMl(food: CrustFood, { overMm, underMm }: ShellThickness): number {
  const { lengthMm: a, widthMm: b, heightMm: c } = food;
  return ((a + 2 * overMm) * (b + 2 * overMm) * (c + overMm + underMm) - a * b * c) / ML;
}

export const ellipsoidVolumeMl = ({ lengthMm, widthMm, heightMm }: CrustFood): number =>
  ((Math.PI / 6) * lengthMm * widthMm * heightMm) / ML;

/**
 * Salt around an ellipsoid: an upper half with its half-axes grown by the cover, a lower half by the bed, less the
 * food. Eight to ten per cent less than a shell of true uniform thickness. mL
 */
export function ellipsoidShellMl(food: CrustFood, { overMm, underMm }: ShellThickness): number {
  const [a, b, c] = [food.lengthMm / 2, food.widthMm / 2, food.heightMm / 2];
  const half = (height: number) => ((2 / 3) * Math.PI * (a + overMm) * (b + overMm) * height) / ML;
  return half(c + overMm) + half(c + underMm) - ellipsoidVolumeMl(food);
}

const integralsOf = ({ lengthMm, widthMm, heightMm }: CrustFood) =>
  ellipsoidIntegrals([lengthMm, widthMm, heightMm]);

/** Surface of an ellipsoid with these full axes, cm². */
export const ellipsoidAreaCm2 = (food: CrustFood): number => integralsOf(food).areaMm2 / 100;

/**
 * Shell of one true thickness all about, mL: Steiner's formula for a convex body, area·t + mean curvature·t² + 4π/3·t³.
 */
export function uniformShellMl(food: CrustFood, thicknessMm: number): number {
  const { areaMm2, meanCurvatureMm } = integralsOf(food);
  const t = thicknessMm;
  return (areaMm2 * t + meanCurvatureMm * t ** 2 + (4 / 3) * Math.PI * t ** 3) / ML;
}
