import { EVEN_SHARE } from "../../diffusion/readiness";
import type { SoakMoment } from "../../diffusion/run";
import { simulateSoak } from "../../diffusion/simulate";
import type { Formulation } from "../../formulation";
import { shareOfFinishedFlesh } from "../weigh/equilibrium";
import { restStage, rinseStage } from "./plate";
import { startOf, soakProblem, type SoakLoad } from "./soak-problem";
import { HOUR_S } from "./window";

/**
 * Taken out at its pull: how long in fresh water brings the mean back to what is wanted, or how long out of the salt evens
 * it out.
 */
export type After = "rinse" | "rest";

/** Hours, or why there are none and the nearest there is. */
export type AfterAnswer =
  | { ok: true; hours: number }
  | {
      ok: false;
      why: "not_within" | "not_needed";
      /** The longest that was tried, h. */
      nearestH: number;
      /** How far that gets: the mean, share of finished flesh. */
      reachesFraction: number;
    };

const PRECISION = { cells: 80, stepTolerance: 1e-5 };
const LONGEST_RINSE_H = 12;
const LONGEST_REST_H = 96;

/** Solves for the hours of what comes after the soak, by running the soak engine on. */
export function hoursAfter(input: Formulation, load: SoakLoad, after: After): AfterAnswer {
  return after === "rinse" ? solveRinse(input, load) : solveRest(input, load);
}

function shareAt(load: SoakLoad, perWater: number): number {
  return shareOfFinishedFlesh(perWater, load.flesh.waterFraction);
}

function solveRinse(input: Formulation, load: SoakLoad): AfterAnswer {
  const problem = soakProblem(input, load);
  const stages = [
    { ...problem.stage, durationS: input.pullH * HOUR_S },
    rinseStage(problem, LONGEST_RINSE_H * 60),
  ];
  return afterPull(problem, stages, load, input.pullH, (m) => m.mean - load.targetPerWater);
}

function solveRest(input: Formulation, load: SoakLoad): AfterAnswer {
  const problem = soakProblem(input, load);
  const stages = [{ ...problem.stage, durationS: input.pullH * HOUR_S }, restStage(problem, LONGEST_REST_H)];
  return afterPull(problem, stages, load, input.pullH, (m) => EVEN_SHARE * m.mean - m.centre);
}

/** Hours after the pull until a gap has closed. */
function afterPull(
  problem: ReturnType<typeof soakProblem>,
  stages: Parameters<typeof simulateSoak>[1],
  load: SoakLoad,
  pullH: number,
  gapAt: (moment: Pick<SoakMoment, "mean" | "centre">) => number,
): AfterAnswer {
  const pullS = pullH * HOUR_S;
  let heldAtPull = false;
  let lastMean = 0;
  let before: { timeS: number; gap: number } | undefined;
  let foundS: number | undefined;
  const ran = simulateSoak(problem.body, stages, {
    ...PRECISION,
    initialPerWater: startOf(problem),
    onStep: (moment) => {
      lastMean = moment.mean;
      if (moment.timeS < pullS) return false;
      const gap = gapAt(moment);
      if (gap > 0) {
        before = { timeS: moment.timeS, gap };
        return false;
      }
      if (!before) heldAtPull = true;
      else foundS = before.timeS + (before.gap / (before.gap - gap)) * (moment.timeS - before.timeS) - pullS;
      return true;
    },
  });
  if (!ran.ok) throw new Error(ran.error.field);
  const end = ran.value.moments[ran.value.moments.length - 1];
  const reachesFraction = shareAt(load, lastMean);
  if (heldAtPull) return { ok: false, why: "not_needed", nearestH: 0, reachesFraction };
  if (foundS !== undefined) return { ok: true, hours: foundS / HOUR_S };
  return { ok: false, why: "not_within", nearestH: end.timeS / HOUR_S - pullH, reachesFraction };
}
