/**
 * Time as salt feels it. When warmth changes, every exchange in the flesh speeds up alike, so a soak at changing
 * temperature is the soak at the stage's own diffusivity on a clock that runs faster or slower. Exact.
 */
export interface PaceProfile {
  /** Seconds from the start of the stage, rising from 0. */
  timesS: readonly number[];
  /** Diffusivity at those times over the stage's own; straight lines between, the last one holds. */
  factors: readonly number[];
}

export interface Pace {
  /** Paced seconds gone after so many seconds of the stage. */
  paced: (timeS: number) => number;
  /** The inverse. */
  clock: (pacedS: number) => number;
}

export const STEADY: Pace = { paced: (t) => t, clock: (p) => p };

/** Integrates a profile; between its points the factor is a straight line, so paced time is a parabola. */
export function paceOf(profile: PaceProfile | undefined): Pace {
  if (!profile) return STEADY;
  const { timesS, factors } = profile;
  const sums = [0];
  for (let i = 1; i < timesS.length; i++)
    sums.push(sums[i - 1] + ((factors[i] + factors[i - 1]) / 2) * (timesS[i] - timesS[i - 1]));
  const last = timesS.length - 1;

  const segment = (values: readonly number[], at: number): number => {
    let i = 0;
    while (i < last && values[i + 1] < at) i++;
    return i;
  };
  const slopeAt = (i: number) => (i < last ? (factors[i + 1] - factors[i]) / (timesS[i + 1] - timesS[i]) : 0);

  return {
    paced: (timeS) => {
      const i = segment(timesS, timeS);
      const within = timeS - timesS[i];
      return sums[i] + factors[i] * within + (slopeAt(i) / 2) * within ** 2;
    },
    clock: (pacedS) => {
      const i = segment(sums, pacedS);
      const rest = pacedS - sums[i];
      const slope = slopeAt(i);
      // Root of slope/2·t² + f·t = rest, in the form that does not cancel when the slope is small.
      return timesS[i] + (2 * rest) / (factors[i] + Math.sqrt(factors[i] ** 2 + 2 * slope * rest));
    },
  };
}
