import { rootBetween } from "../root-between";
import { assertNever } from "../result";
import type { BodyShape } from "./grid";

/*
 * First roots of the series for slow late uptake: the last of the gap closes as exp(−q² D t / L²).
 * Source: Crank, 2nd ed., 4.3.5, 4.3.6, 5.3.3, 6.3.4.
 */

/** Slab behind a surface resistance: smallest root of β tan β = Bi. @param biot k·L/D, > 0 */
export function surfaceResistanceRoot(biot: number): number {
  return rootBetween((b) => b * Math.tan(b) - biot, 0, Math.PI / 2 - 1e-12);
}

/** Body in a bath of limited mass. @param waterRatio bath water per flesh water (Crank's α), > 0 */
export function limitedBathRoot(shape: BodyShape, waterRatio: number): number {
  switch (shape) {
    case "slab":
      return rootBetween((q) => Math.tan(q) + waterRatio * q, Math.PI / 2 + 1e-12, Math.PI);
    case "cylinder":
      return rootBetween(
        (q) => -(waterRatio * q * besselJ(0, q) + 2 * besselJ(1, q)),
        2.404825557695773,
        3.8317059702075125,
      );
    case "sphere":
      return rootBetween(
        (q) => Math.tan(q) - (3 * q) / (3 + waterRatio * q * q),
        Math.PI,
        (3 * Math.PI) / 2 - 1e-12,
      );
    default:
      return assertNever(shape);
  }
}

/**
 * First root of the slowest radial mode of a body whose surface grows as r to a power: π/2 for a slab (0), 2.405 for
 * a cylinder (1), π for a sphere (2); the first zero of the Bessel function of order (power − 1)/2.
 * @param exponent 0 to 8
 */
export function firstRadialRoot(exponent: number): number {
  // Its series without the leading factor: Σ (−x²/4)^k / (k! (ν + 1)(ν + 2)…(ν + k)), falling through zero.
  const order = (exponent - 1) / 2;
  const mode = (x: number) => {
    let term = 1;
    let sum = 1;
    for (let k = 1; k < 60; k++) {
      term *= (-x * x) / 4 / (k * (order + k));
      // Terms fall from here on: what one no longer changes, none does.
      if (sum + term === sum) break;
      sum += term;
    }
    return sum;
  };
  // The zero lies between those of the slab and of the widest body allowed, and is the first.
  return rootBetween((x) => -mode(x), 1.5, 1.6 + 0.86 * exponent);
}

/** Bessel function of the first kind, whole order (0 to 3 or so), x up to about 120; by its integral: ∫ cos(nθ − x sin θ) dθ / π over 0..π. */
export function besselJ(order: number, x: number): number {
  const steps = 200;
  let sum = 0;
  for (let i = 0; i < steps; i++) {
    const angle = ((i + 0.5) * Math.PI) / steps;
    sum += Math.cos(order * angle - x * Math.sin(angle));
  }
  return sum / steps;
}
