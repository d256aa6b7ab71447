/** Liquid a pressed bag keeps about the food, as a film over its surface, mm. *Practice*, estimate. */
export const BAG_FILM_MM = 3;

/**
 * What a flat bag holds when filled: w³·(h/(πw) − 0.142·(1 − 10^(−h/w))), the known fit to the paper-bag problem
 * (A. C. Robin, 2004, *from memory*), with w the shorter side.
 * @param lengthMm @param widthMm sides of the bag laid flat, mm  @returns mL
 */
export function bagCapacityMl(lengthMm: number, widthMm: number): number {
  const w = Math.min(lengthMm, widthMm);
  const h = Math.max(lengthMm, widthMm);
  return (w ** 3 * (h / (Math.PI * w) - 0.142 * (1 - 10 ** (-h / w)))) / 1000;
}
