import { jitterAt, noiseAt } from "./random";

/** A hand takes so long to pour a line out, s. *Practice*. */
const POUR_S = 6;
/** One line in so many runs over for good, and by how much at most. */
const OVER_EVERY = 5;
const OVER_MOST = 0.15;
/** A careful hand ends so close, relative. */
const CAREFUL = 0.006;

/**
 * What a hand has poured onto a simulated scale: quick first, slower to the mark, now and then over it.
 * Pure: the same seed pours the same line the same way.
 * @param targetG what the line asks for, g  @param sinceS since the pouring began, s
 */
export function pouredG(targetG: number, seed: number, sinceS: number): number {
  const over = noiseAt(seed, 1) < 1 / OVER_EVERY ? 0.03 + noiseAt(seed, 2) * OVER_MOST : 0;
  const ends = targetG * (1 + over + CAREFUL * jitterAt(seed, 3) * 0.5);
  const part = Math.min(1, Math.max(0, sinceS / POUR_S));
  return ends * (1 - (1 - part) ** 2);
}

/** Each line is poured by a seed of its own. */
export const lineSeed = (seed: number, lineId: string): number =>
  Array.from(lineId).reduce((sum, c) => (sum * 31 + c.charCodeAt(0)) % 1_000_003, seed);
