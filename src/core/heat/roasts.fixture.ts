import type { RoastTruth } from "../instruments/kitchen-truth";
import type { HeatedStretch } from "./covering";

/*
 * Roasts that the forecast's own model did not make: rings with a damp surface, an oven that cycles by nine degrees. For
 * the tests and the bench.
 */
export const roast = (part: Partial<RoastTruth>): RoastTruth => ({
  shape: "cylinder",
  halfThicknessMm: 40,
  startC: 5,
  ovenC: 180,
  swingC: 9,
  swingS: 900,
  filmWPerM2K: 20,
  ...part,
});

/** One open oven all the way. */
export const inOven = (airC: number): HeatedStretch[] => [{ airC, minutes: 60, cover: "open" }];

export interface DrawnRoast {
  truth: RoastTruth;
  targetC: number;
  /** Thickness as the cook said it over what it is. */
  said: number;
}

/** A roast of any kind. @param draw uniform numbers in [0, 1) */
export function drawnRoast(draw: () => number): DrawnRoast {
  const one = <T>(of: readonly T[]) => of[Math.floor(draw() * of.length)];
  const shape = one(["slab", "cylinder", "sphere"] as const);
  const truth: RoastTruth = {
    shape,
    halfThicknessMm: shape === "slab" ? 18 + draw() * 22 : 28 + draw() * 30,
    startC: 3 + draw() * 10,
    ovenC: one([150, 165, 180, 200, 220]),
    swingC: 5 + draw() * 6,
    swingS: 600 + draw() * 600,
    filmWPerM2K: 16 + draw() * 12,
  };
  return { truth, targetC: one([56, 60, 63, 68, 74]), said: 0.9 + draw() * 0.2 };
}
