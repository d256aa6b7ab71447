/* Analytic series the tests check the engine against. Crank, The Mathematics of Diffusion, 2nd ed. */

const TERMS = 4000;

function sum(term: (n: number) => number): number {
  let total = 0;
  for (let n = 1; n <= TERMS; n++) total += term(n);
  return total;
}

/** Uptake of a plane sheet in a great bath, share of final (4.18, in the form of 4.3.2). @param fourier D t / L² */
export const sheetUptake = (fourier: number): number =>
  1 - sum((n) => (2 / ((n - 0.5) * Math.PI) ** 2) * Math.exp(-(((n - 0.5) * Math.PI) ** 2) * fourier));

/** Uptake of a sphere in a great bath, share of final (6.20). @param fourier D t / R² */
export const sphereUptake = (fourier: number): number =>
  1 - sum((n) => (6 / (n * Math.PI) ** 2) * Math.exp(-((n * Math.PI) ** 2) * fourier));
