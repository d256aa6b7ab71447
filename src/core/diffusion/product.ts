/**
 * A brick or finite cylinder in a bath that never weakens: what is still missing multiplies over independent axes,
 * 1 − φ = Π (1 − φ_axis). Holds for the mean uptake and for any point. Source: Crank 2.3; Carslaw & Jaeger 1.15.
 * @param axisFractions φ of each axis, 0 to 1
 */
export function productFraction(axisFractions: readonly number[]): number {
  return 1 - axisFractions.reduce((missing, fraction) => missing * (1 - fraction), 1);
}
