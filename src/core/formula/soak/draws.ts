/** One soak of the many it may be: how far off each of its three doubts is, in standard deviations. */
export interface Draw {
  thickness: number;
  rate: number;
  strength: number;
}

/**
 * Draws of what the real soak may be, spread evenly by a low-discrepancy sequence (Halton, bases 2, 3, 5), so that the
 * same count gives the same draws: no randomness in the core.
 */
export const drawsOf = (members: number): Draw[] =>
  Array.from({ length: members }, (_, i) => ({
    thickness: normalQuantile(halton(i + 1, 2)),
    rate: normalQuantile(halton(i + 1, 3)),
    strength: normalQuantile(halton(i + 1, 5)),
  }));

/** The i-th number of the van der Corput sequence in a base, between 0 and 1. */
function halton(i: number, base: number): number {
  let result = 0;
  let share = 1 / base;
  for (let rest = i; rest > 0; rest = Math.floor(rest / base)) {
    result += share * (rest % base);
    share /= base;
  }
  return result;
}

/** Standard normal quantile (Acklam's rational approximation, relative error under 1.2e-9; *from memory*). */
export function normalQuantile(p: number): number {
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
    2.506628277459239,
  ];
  const b = [
    -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572,
  ];
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ];
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];
  const horner = (coefficients: number[], x: number) => coefficients.reduce((sum, k) => sum * x + k, 0);
  if (p < 0.02425) {
    const q = Math.sqrt(-2 * Math.log(p));
    return horner(c, q) / (horner(d, q) * q + 1);
  }
  if (p > 1 - 0.02425) return -normalQuantile(1 - p);
  const q = p - 0.5;
  const r = q * q;
  return (horner(a, r) * q) / (horner(b, r) * r + 1);
}
