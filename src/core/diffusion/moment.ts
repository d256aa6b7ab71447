import { bracketed } from "./bracketed";
import type { SoakMoment, SoakRun } from "./run";

/**
 * The piece at any moment of a run, blended from the recorded moments either side.
 * @param timeS seconds from the start; outside the run the first or last moment holds
 */
export function momentAt(run: SoakRun, timeS: number): SoakMoment {
  const { before: a, after: b, part } = bracketed(run, timeS);
  if (a === b) return a;
  const blend = (from: number, to: number) => from + part * (to - from);
  return {
    timeS,
    perWater: a.perWater.map((value, i) => blend(value, b.perWater[i])),
    mean: blend(a.mean, b.mean),
    surface: blend(a.surface, b.surface),
    centre: blend(a.centre, b.centre),
    bath: a.bath === undefined || b.bath === undefined ? b.bath : blend(a.bath, b.bath),
    undissolved: blend(a.undissolved, b.undissolved),
  };
}

/** Seconds on the soak rail, evenly spaced in its logarithm. @param perDecade moments to each factor of ten */
export function railTimesS(fromS: number, toS: number, perDecade: number): number[] {
  const count = Math.ceil(Math.log10(toS / fromS) * perDecade);
  return Array.from({ length: count + 1 }, (_, i) => fromS * (toS / fromS) ** (i / count));
}
