import { afterSeeing, deviationOf, meanOf, normalBelief } from "../bayes/grid";
import { TWO_IN_THREE } from "../bayes/pooled";
import { momentAt } from "../diffusion/moment";
import { diffusivityDoubt, runProblem } from "../formula/soak/soak";
import { AS_LIKELY, soakProblem, type SoakLoad } from "../formula/soak/soak-problem";
import { HOUR_S } from "../formula/soak/window";
import type { Formulation } from "../formulation";
import { hasBath } from "../preparations";

/** What was read of a running soak. Hours are from the start. */
export type Reading =
  | { kind: "bathStrength"; hours: number; saltFraction: number }
  /** Food weighed before and after: what it gained is taken as brine of the bath's strength (pick-up, *practice*). */
  | { kind: "weight"; hours: number; beforeG: number; afterG: number };

export interface LearntRate {
  /** Diffusivity in this batch over the table's. */
  factor: number;
  /** One standard deviation of its logarithm, after the readings. */
  doubt: number;
  /** The same before them. */
  doubtBefore: number;
}

/** What a hydrometer or a salt meter is off by, salt over solution. *Practice*. */
const READING_DOUBT = 0.001;
/** What the bath's start is off by, relative: weighing. *Practice*. */
const START_DOUBT = 0.03;
/** Pick-up says little of salt alone: water comes and goes as well. *Practice*. */
const PICKUP_DOUBT = 0.5;
const GRID_POINTS = 41;
const GRID_REACH = 3;

/**
 * Fits the rate of this soak to what was read, by Bayes on a grid: before the readings the logarithm of the rate is
 * normal about the table's (or what was learnt before), each reading is normal about what the engine predicts.
 * @param prior what was known: factor 1 and the table's doubt when left out
 * @returns undefined when there is nothing to fit: no bath, or no readings
 */
export function learnRate(
  input: Formulation,
  load: SoakLoad,
  readings: readonly Reading[],
  prior?: { factor: number; doubt: number },
): LearntRate | undefined {
  if (readings.length === 0 || !hasBath(input)) return undefined;
  const centre = Math.log(prior?.factor ?? 1);
  const doubtBefore = prior?.doubt ?? diffusivityDoubt(load.food);
  const reach = GRID_REACH * doubtBefore;
  const before = normalBelief(centre, doubtBefore, centre - reach, centre + reach, GRID_POINTS);
  const after = afterSeeing(before, (logRate) => logLikelihood(input, load, readings, Math.exp(logRate)));
  return { factor: Math.exp(meanOf(after)), doubt: deviationOf(after), doubtBefore };
}

/**
 * What a bath will read at an hour, before anything was read of it: likely, and where two in three lie by what is believed of
 * the rate and what a salt meter is off by.
 * @param prior as for `learnRate`  @returns undefined where the soak cannot be run
 */
export function foretoldBath(
  input: Formulation,
  load: SoakLoad,
  hours: number,
  prior?: { factor: number; doubt: number },
): { foretold: number; low: number; high: number } | undefined {
  const { factor, doubt } = prior ?? { factor: 1, doubt: diffusivityDoubt(load.food) };
  const at = (off: number) => {
    const run = ranAt(input, load, [hours], factor * Math.exp(off * doubt));
    const bath = run && (momentAt(run.ran, hours * HOUR_S).bath ?? 0);
    return bath === undefined ? undefined : bath / (1 + bath);
  };
  const [slow, likely, fast] = [at(-TWO_IN_THREE), at(0), at(TWO_IN_THREE)];
  if (slow === undefined || likely === undefined || fast === undefined) return undefined;
  const meter = TWO_IN_THREE * Math.hypot(READING_DOUBT, START_DOUBT * likely);
  const [least, most] = [Math.min(slow, fast), Math.max(slow, fast)];
  return {
    foretold: likely,
    low: likely - Math.hypot(likely - least, meter),
    high: likely + Math.hypot(most - likely, meter),
  };
}

/** The soak at a rate, read at some hours. */
function ranAt(input: Formulation, load: SoakLoad, hours: readonly number[], rate: number) {
  const problem = soakProblem(input, { ...load, rateFactor: 1 }, { ...AS_LIKELY, diffusivityFactor: rate });
  const ran = runProblem(
    { ...problem, stage: { ...problem.stage, durationS: Math.max(...hours) * HOUR_S } },
    { cells: 60, stepTolerance: 1e-5, outputTimesS: [...hours].sort((a, b) => a - b).map((h) => h * HOUR_S) },
  );
  return ran.ok ? { ran: ran.value, initialPerWater: problem.initialPerWater } : undefined;
}

function logLikelihood(
  input: Formulation,
  load: SoakLoad,
  readings: readonly Reading[],
  rate: number,
): number {
  const run = ranAt(
    input,
    load,
    readings.map((r) => r.hours),
    rate,
  );
  if (!run) return -Infinity;
  let sum = 0;
  for (const reading of readings) {
    const moment = momentAt(run.ran, reading.hours * HOUR_S);
    const bath = moment.bath ?? 0;
    if (reading.kind === "bathStrength") {
      const predicted = bath / (1 + bath);
      const doubt = Math.hypot(READING_DOUBT, START_DOUBT * predicted);
      sum -= ((reading.saltFraction - predicted) / doubt) ** 2 / 2;
    } else {
      const fleshWaterG = load.flesh.massG * load.flesh.waterFraction;
      const predictedG = (moment.mean - run.initialPerWater) * fleshWaterG;
      const gainedG = Math.max(0.01, reading.afterG - reading.beforeG) * (bath / (1 + bath));
      sum -= (Math.log(gainedG / Math.max(predictedG, 0.01)) / PICKUP_DOUBT) ** 2 / 2;
    }
  }
  return sum;
}
