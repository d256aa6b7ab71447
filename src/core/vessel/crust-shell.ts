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

/** Panels of the latitude sum; halving them moves the area of a flat fish by under 1e-8. */
const PANELS = 400;

/**
 * Surface of an ellipsoid with these full axes, cm², by quadrature over its latitude (midpoint rule) with the exact
 * mean over longitude by the same rule.
 */
export function ellipsoidAreaCm2(food: CrustFood): number {
  return ellipsoidIntegrals(food).areaMm2 / 100;
}

/**
 * Shell of one true thickness all about, mL: Steiner's formula for a convex body, area·t + mean curvature·t² + 4π/3·t³.
 */
export function uniformShellMl(food: CrustFood, thicknessMm: number): number {
  const { areaMm2, meanCurvatureMm } = ellipsoidIntegrals(food);
  const t = thicknessMm;
  return (areaMm2 * t + meanCurvatureMm * t ** 2 + (4 / 3) * Math.PI * t ** 3) / ML;
}

/** Area and integral of mean curvature, from the support function h(n) over directions n on the unit sphere. */
function ellipsoidIntegrals(food: CrustFood) {
  const [a, b, c] = [food.lengthMm / 2, food.widthMm / 2, food.heightMm / 2];
  const longitudes = PANELS / 10;
  let area = 0;
  let support = 0;
  for (let i = 0; i < PANELS; i++) {
    const cos = -1 + (2 * (i + 0.5)) / PANELS;
    const sin2 = 1 - cos * cos;
    for (let j = 0; j < longitudes; j++) {
      const angle = ((j + 0.5) / longitudes) * (Math.PI / 2);
      const x2 = sin2 * Math.cos(angle) ** 2;
      const y2 = sin2 * Math.sin(angle) ** 2;
      // Area element in the parametrisation (a·x, b·y, c·z); support function in the direction (x, y, z).
      area += Math.sqrt((b * c) ** 2 * x2 + (a * c) ** 2 * y2 + (a * b) ** 2 * cos * cos);
      support += Math.sqrt(a * a * x2 + b * b * y2 + c * c * cos * cos);
    }
  }
  const weight = (4 * Math.PI) / (PANELS * longitudes);
  // Integral of mean curvature of a convex body is the integral of its support function over the sphere.
  return { areaMm2: area * weight, meanCurvatureMm: support * weight };
}
