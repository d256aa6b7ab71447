import type { FleshBody } from "../../diffusion/flesh-body";
import { railTimesS } from "../../diffusion/moment";
import { windowOf, type Aim } from "../../diffusion/readiness";
import type { SoakOptions, SoakRun } from "../../diffusion/run";
import { simulateSharedSoak, simulateSoak } from "../../diffusion/simulate";
import type { SoakError } from "../../diffusion/stages";
import type { Formulation } from "../../formulation";
import type { Food } from "../../materials/types";
import { ok, type Result } from "../../result";
import { aimOf, soakAimOf } from "./aim";
import { lotsOf, type Lot } from "./lots";
import {
  soakProblem,
  startOf,
  THICKNESS_DOUBT_MM,
  type SoakLoad,
  type SoakProblem,
  type Variation,
} from "./soak-problem";
import { HOUR_S, RAIL_TO_H, windowFrom, withinRail, type SoakWindow, type SoftHour } from "./window";

const FIRST_MOMENT_S = 30;
const MOMENTS_PER_DECADE = 36;
/** A field of two or three directions costs more to read; between its moments a straight line does. */
const FIELD_MOMENTS_PER_DECADE = 20;

export interface Soak {
  /** The engine's own terms, for what follows the soak. */
  problem: SoakProblem;
  body: FleshBody;
  diffusivityM2PerS: number;
  run: SoakRun;
  /** Pieces of other sizes in the same bath, in the order entered. */
  alongside: { run: SoakRun; share: number; readyH: number | undefined }[];
  aim: Aim;
  window: SoakWindow;
  /** Hours of a quick and of a slow soak over the likely one's, at one standard deviation. */
  spread: { quick: number; slow: number };
}

/**
 * Runs the likely soak and finds its window. The soft edges here follow by scaling: time goes with thickness squared
 * over diffusivity. The ensemble (`ensemble.ts`) replaces them where there is time for it.
 * @param readAtH only these hours will be read: the run ends with the last of them, and its window is not known
 */
export function computeSoak(
  input: Formulation,
  load: SoakLoad,
  readAtH?: readonly number[],
  fieldCells?: number,
): Result<Soak, SoakError> {
  const problem = soakProblem(input, load);
  const aim = readAtH ? soakAimOf(input, load) : aimOf(input, load);
  const shares = sharesOf(input, load);
  const ran = runSizes(input, load, problem, shares, { readAtH, fieldCells });
  if (!ran.ok) return ran;
  const [run, ...others] = ran.value;
  const { readyS, overS } = windowOf(run, aim);
  const spread = spreadOf(input, load, problem);
  const soft = (seconds: number | undefined): SoftHour =>
    seconds === undefined
      ? {}
      : withinRail({
          early: (seconds / HOUR_S) * spread.quick,
          likely: seconds / HOUR_S,
          late: (seconds / HOUR_S) * spread.slow,
        });
  const { body, diffusivityM2PerS } = problem;
  const window = windowFrom(load, soft(readyS), soft(overS));
  const alongside = others.map((other, i) => {
    const otherS = windowOf(other, aim).readyS;
    return { run: other, share: shares[i + 1], readyH: otherS === undefined ? undefined : otherS / HOUR_S };
  });
  return ok({ problem, body, diffusivityM2PerS, run, alongside, aim, window, spread });
}

/** Shares of the flesh: the main pieces first, then those alongside. */
function sharesOf(input: Formulation, load: SoakLoad): number[] {
  const { others } = lotsOf(input);
  const othersG = others.reduce((sum, a) => sum + a.totalMassG, 0);
  return [load.mainShare, ...others.map((a) => (1 - load.mainShare) * (a.totalMassG / othersG))];
}

/** One run a size: in a bath they share its salt; dry, each has its own dose. */
function runSizes(
  input: Formulation,
  load: SoakLoad,
  main: SoakProblem,
  shares: readonly number[],
  { readAtH, fieldCells }: { readAtH?: readonly number[] | undefined; fieldCells?: number | undefined },
): Result<SoakRun[], SoakError> {
  const read = readAtH?.map((h) => h * HOUR_S).sort((a, b) => a - b);
  const stage = { ...main.stage, ...(read && { durationS: read[read.length - 1] }) };
  const options: SoakOptions = {
    initialPerWater: startOf(main),
    fieldCells,
    outputTimesS:
      read ??
      railTimesS(
        FIRST_MOMENT_S,
        RAIL_TO_H * HOUR_S,
        main.body.solid ? FIELD_MOMENTS_PER_DECADE : MOMENTS_PER_DECADE,
      ),
  };
  const bodies = [main.body, ...lotsOf(input).others.map((a) => bodyAlongside(input, load, a))];
  if (main.stage.kind === "bath") {
    const sharing = bodies.map((body, i) => ({ ...body, share: shares[i] }));
    return simulateSharedSoak(sharing, [stage], options);
  }
  const runs: SoakRun[] = [];
  for (const body of bodies) {
    const ran = simulateSoak(body, [stage], options);
    if (!ran.ok) return ran;
    runs.push(ran.value);
  }
  return ok(runs);
}

function bodyAlongside(input: Formulation, load: SoakLoad, other: Lot): FleshBody {
  return soakProblem({ ...input, pieces: { ...lotsOf(input).main, ...other } }, load).body;
}

export function runProblem(problem: SoakProblem, options: SoakOptions = {}): Result<SoakRun, SoakError> {
  return simulateSoak(problem.body, [problem.stage], {
    initialPerWater: startOf(problem),
    ...options,
  });
}

/** One standard deviation of a food's diffusivity, in its logarithm: its limits read as two, half-way is one. */
export function diffusivityDoubt(food: Food): number {
  return Math.log(food.diffusivityHighM2PerS / food.diffusivityLowM2PerS) / 4;
}

/** Hours of a quick and of a slow soak over the likely one's, at one standard deviation. */
export function spreadOf(
  input: Formulation,
  load: SoakLoad,
  likely: SoakProblem = soakProblem(input, load),
): Soak["spread"] {
  const factor = (vary: Variation) => {
    const other = soakProblem(input, load, vary);
    return (
      (other.body.halfThicknessM / likely.body.halfThicknessM) ** 2 *
      (likely.diffusivityM2PerS / other.diffusivityM2PerS)
    );
  };
  const doubt = Math.exp(diffusivityDoubt(load.food));
  return {
    quick: factor({ thickerMm: -THICKNESS_DOUBT_MM, diffusivityFactor: doubt, strengthFactor: 1 }),
    slow: factor({ thickerMm: THICKNESS_DOUBT_MM, diffusivityFactor: 1 / doubt, strengthFactor: 1 }),
  };
}
