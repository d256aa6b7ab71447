import { ellipsoidIntegrals } from "../ellipsoid";
import { rootBetween } from "../root-between";
import { wedgeAround } from "../wedge";
import { firstRadialRoot } from "./roots";
import type { Body } from "./stages";

/**
 * Bodies wetted on all sides that one distance does not describe, as the nearest one-dimensional body.
 *
 * Uptake begins with the surface over the volume (everything near a face) and ends with the slowest mode. The
 * equivalent is the body whose surface grows as r^m and which has both in common with the real one. In a bath that
 * never weakens the product of the axes is exact (`product.ts`); the equivalent stays within 1.5 % of it there (see
 * the test), and stands in for it where the product does not hold: limited baths, dry salt, several stages.
 */
export type SolidShape =
  | { kind: "brick"; edgesMm: readonly [number, number, number] }
  | { kind: "finiteCylinder"; diameterMm: number; lengthMm: number }
  | { kind: "ellipsoid"; axesMm: readonly [number, number, number] }
  | { kind: "wedge"; backMm: number; deepMm: number; lengthMm: number };

interface Character {
  /** Surface over volume, 1/m. */
  surfacePerVolume: number;
  /** Decay of the slowest mode over the diffusivity, 1/m². */
  slowestMode: number;
}

const SLAB_ROOT = Math.PI / 2;
const CYLINDER_ROOT = 2.404825557695773;

function characterOf(solid: SolidShape): Character {
  if (solid.kind === "brick") {
    const halves = solid.edgesMm.map((edge) => edge / 2000);
    return {
      surfacePerVolume: halves.reduce((sum, half) => sum + 1 / half, 0),
      slowestMode: halves.reduce((sum, half) => sum + (SLAB_ROOT / half) ** 2, 0),
    };
  }
  if (solid.kind === "ellipsoid") return characterOfEllipsoid(solid.axesMm);
  if (solid.kind === "wedge") return characterOfWedge(solid);
  const radius = solid.diameterMm / 2000;
  const half = solid.lengthMm / 2000;
  return {
    surfacePerVolume: 2 / radius + 1 / half,
    slowestMode: (CYLINDER_ROOT / radius) ** 2 + (SLAB_ROOT / half) ** 2,
  };
}

/**
 * Of an ellipsoid with these full axes, mm. Its slowest mode is a fit, exact for a ball and within 2 % of Rayleigh and Ritz's
 * with polynomials to the eighth power for axes up to eight to one.
 */
function characterOfEllipsoid(axesMm: readonly [number, number, number]): Character {
  const [a, b, c] = axesMm.map((axis) => 2000 / axis);
  const volumeMm3 = (Math.PI / 6) * axesMm[0] * axesMm[1] * axesMm[2];
  return {
    surfacePerVolume: (1000 * ellipsoidIntegrals(axesMm).areaMm2) / volumeMm3,
    slowestMode: Math.PI ** 2 * ((17 / 60) * (a * a + b * b + c * c) + (a * b + b * c + c * a) / 20),
  };
}

/**
 * A prism over a triangle with two like sides. Its slowest mode is Siudeja's lower bound (2010, *from memory*): exact where all three
 * sides are alike, 5 % low for a back a third or three times as long as the wedge is deep.
 */
function characterOfWedge(wedge: { backMm: number; deepMm: number; lengthMm: number }): Character {
  const [back, deep, half] = [wedge.backMm / 1000, wedge.deepMm / 1000, wedge.lengthMm / 2000];
  const around = wedgeAround(back, deep);
  const area = (back * deep) / 2;
  return {
    surfacePerVolume: around / area + 1 / half,
    slowestMode:
      ((Math.PI * around) / (4 * area)) ** 2 +
      (7 * Math.sqrt(3) * Math.PI ** 2) / (12 * area) +
      (SLAB_ROOT / half) ** 2,
  };
}

/**
 * The one-dimensional stand-in for a brick, a finite cylinder, an ellipsoid or a wedge. Against solvers in their own directions
 * (`scripts/reference/ellipsoids.py`, `wedges.py`) the mean is within 3 % of the step; the middle, up to a quarter off, is for the
 * piece's own field to tell.
 * @returns its half-thickness, m, and the power with which its surface grows
 */
export function equivalentBody(solid: SolidShape): Body & { exponent: number } {
  const { surfacePerVolume, slowestMode } = characterOf(solid);
  // The ratio falls as the exponent grows: 2.47 for a slab, 1.10 for a sphere, 0.82 for a cube.
  const wanted = slowestMode / surfacePerVolume ** 2;
  const exponent = rootBetween((m) => (firstRadialRoot(m) / (m + 1)) ** 2 - wanted, 0, 8);
  return { shape: "slab", exponent, halfThicknessM: (exponent + 1) / surfacePerVolume };
}
