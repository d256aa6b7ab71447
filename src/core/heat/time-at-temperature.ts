import type { CoursePoint } from "./course";

/** How long a core stood warm enough, counted in minutes at one temperature. */
export interface TimeAtTemperature {
  /** The temperature it is counted at, °C, and what a published table asks there, min. */
  atC: number;
  askedMin: number;
  /** What the course comes to, as minutes at that temperature. */
  givenMin: number;
  /** When the table is met, min from going into the heat; undefined where it is not. */
  reachedMin: number | undefined;
}

/**
 * Adds up a core's course against a table of times at temperatures: each moment counts as its share of the time the table
 * asks there. A caution, never a licence.
 * @param secondsAt what the table asks at a temperature, s; undefined under its first row, where nothing counts
 * @param atC the end that is wanted, °C  @returns undefined where the table does not speak of that end
 */
export function timeAtTemperature(
  points: readonly CoursePoint[],
  secondsAt: (celsius: number) => number | undefined,
  atC: number,
): TimeAtTemperature | undefined {
  const askedS = secondsAt(atC);
  if (askedS === undefined) return undefined;
  let share = 0;
  let reachedMin: number | undefined;
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1], points[i]];
    const asked = secondsAt((a.coreC + b.coreC) / 2);
    if (asked === undefined) continue;
    const add = ((b.atMin - a.atMin) * 60) / asked;
    if (reachedMin === undefined && share + add >= 1)
      reachedMin = a.atMin + ((1 - share) / add) * (b.atMin - a.atMin);
    share += add;
  }
  return { atC, askedMin: askedS / 60, givenMin: (share * askedS) / 60, reachedMin };
}
