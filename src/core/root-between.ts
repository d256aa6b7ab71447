interface RootOptions {
  /** How close to nothing the function must come; 0: as close as digits allow. */
  closeTo0?: number;
  /** How close the ends must come, relative to the root. */
  relative?: number;
}

const MOST_ROUNDS = 80;

/**
 * Where a function that crosses nothing once does so, by false position (Illinois): certain as halving, and far quicker
 * where the function is nearly straight.
 * @param over anything continuous, of one sign at one end and of the other at the other; where it is of one sign at both,
 *   the end nearer to nothing is the answer
 */
export function rootBetween(
  over: (x: number) => number,
  from: number,
  to: number,
  { closeTo0 = 0, relative = 1e-13 }: RootOptions = {},
): number {
  let [low, high] = [from, to];
  let [atLow, atHigh] = [over(low), over(high)];
  if (atLow === 0 || Math.sign(atLow) === Math.sign(atHigh))
    return Math.abs(atLow) <= Math.abs(atHigh) ? low : high;
  let next = low;
  let side = 0;
  for (let i = 0; i < MOST_ROUNDS && Math.abs(high - low) > relative * Math.abs(next); i++) {
    next = low + (atLow / (atLow - atHigh)) * (high - low);
    const value = over(next);
    if (Math.abs(value) <= closeTo0) return next;
    if (Math.sign(value) === Math.sign(atLow)) {
      // An end that stays put twice would slow it down: it is taken for half as far off.
      if (side > 0) atHigh /= 2;
      [low, atLow, side] = [next, value, 1];
    } else {
      if (side < 0) atLow /= 2;
      [high, atHigh, side] = [next, value, -1];
    }
  }
  return next;
}
