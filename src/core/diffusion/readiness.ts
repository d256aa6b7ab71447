import { assertNever } from "../result";
import type { Grid } from "./grid";
import type { SoakMoment, SoakRun, StepMoment } from "./run";

/** What "ready" means is the cook's choice. */
export const READINESS = ["outside", "seasoned", "even"] as const;
export type Readiness = (typeof READINESS)[number];

/** Outer third of the thickness at target, within this share of it; no spot counts for more than the target. */
export const OUTSIDE_SHARE = 0.95;
/** Mean at least this share of the target. */
export const SEASONED_SHARE = 0.85;
/** Centre at least this share of the mean. */
export const EVEN_SHARE = 0.8;
/** Mean beyond this share of the target is past it: as far over as "seasoned" may be under. */
export const OVER_SHARE = 1.15;

const OUTER_THIRD = 2 / 3;

/** Shares of the salt that a rinse leaves, by where it lies. */
export interface Kept {
  whole: number;
  outerThird: number;
}

/** A soak's aim, in salt per gram of flesh water. */
export interface Aim {
  targetPerWater: number;
  /** "over" is no aim of a cook's: the mean at the target itself, for finding when it goes past. */
  readiness: Readiness | "over";
  /**
   * Dry salt is all on the flesh from the first minute, so a plain mean says nothing about depth: there, no spot
   * counts for more than the target.
   */
  dry: boolean;
  /** Salt spreads from the middle out: the face is the last to get any. */
  leanAtFace?: boolean;
  /** Rinsed before it goes to the heat: what is left after so long a soak is what is judged. */
  kept?: (timeS: number) => Kept;
}

const ALL_OF_IT: Kept = { whole: 1, outerThird: 1 };

/** How far along the chosen readiness is; 1 is ready. */
export function progress(grid: Grid, moment: StepMoment, aim: Aim): number {
  const { targetPerWater: target } = aim;
  const kept = aim.kept?.(moment.timeS) ?? ALL_OF_IT;
  switch (aim.readiness) {
    case "outside":
      return (
        (kept.outerThird * cappedMean(grid, moment, target / kept.outerThird, OUTER_THIRD)) /
        (OUTSIDE_SHARE * target)
      );
    case "seasoned": {
      const mean = aim.dry ? cappedMean(grid, moment, target / kept.whole, 0) : moment.mean;
      return (kept.whole * mean) / (SEASONED_SHARE * target);
    }
    case "over":
      return (kept.whole * moment.mean) / target;
    case "even": {
      // Evenness alone would call unsalted flesh ready: it must be seasoned as well.
      const seasoned = progress(grid, moment, { ...aim, readiness: "seasoned" });
      const { mean } = moment;
      const leanest = aim.leanAtFace ? moment.perWater[grid.cells - 1] : moment.centre;
      return Math.min(seasoned, mean > 0 ? leanest / (EVEN_SHARE * mean) : 0);
    }
    default:
      return assertNever(aim.readiness);
  }
}

/** Mean from a relative position out to the face, where no spot counts for more than the cap. */
function cappedMean(grid: Grid, moment: StepMoment, cap: number, from: number): number {
  const power = grid.exponent + 1;
  const { perWater } = moment;
  let volume = 0;
  let salt = 0;
  for (let i = grid.cells - 1; i >= 0 && grid.faces[i + 1] > from; i--) {
    const part = grid.faces[i] >= from ? grid.volumes[i] : grid.faces[i + 1] ** power - from ** power;
    volume += part;
    salt += part * Math.min(cap, perWater[i]);
  }
  return salt / volume;
}

/** Seconds until a rising measure first reaches a level; undefined when it does not within the run. */
export function firstReach(
  run: SoakRun,
  measure: (moment: SoakMoment) => number,
  level: number,
): number | undefined {
  let before: { timeS: number; value: number } | undefined;
  for (const moment of run.moments) {
    const value = measure(moment);
    if (value >= level) {
      if (!before || value === before.value) return moment.timeS;
      const part = (level - before.value) / (value - before.value);
      return before.timeS + part * (moment.timeS - before.timeS);
    }
    before = { timeS: moment.timeS, value };
  }
  return undefined;
}

/** Going over is being "seasoned" to a higher mark: the mean at 115 % of the target. */
export const overAim = (aim: Aim): Aim => ({
  ...aim,
  readiness: "over",
  targetPerWater: OVER_SHARE * aim.targetPerWater,
});

/** When the soak becomes ready, and when its mean goes past the target; seconds, undefined if not within the run. */
export function windowOf(run: SoakRun, aim: Aim): { readyS: number | undefined; overS: number | undefined } {
  const reached = (what: Aim) => firstReach(run, (m) => progress(run.grid, m, what), 1);
  return { readyS: reached(aim), overS: reached(overAim(aim)) };
}
