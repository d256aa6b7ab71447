import { EVEN_SHARE, progress } from "../diffusion/readiness";
import type { SoakMoment } from "../diffusion/run";
import { simulateSoak } from "../diffusion/simulate";
import { saltPerWater, saturationFraction } from "../solution/sodium-chloride";
import { shareOfFinishedFlesh } from "./equilibrium";
import type { Formulation } from "./model";
import { restStage, rinseStage } from "./plate";
import { reachHours, runProblem } from "./soak";
import { aimOf } from "./aim";
import { soakProblem, type SoakLoad } from "./soak-problem";
import { HOUR_S, RAIL_TO_H } from "./window";

/** What the cook asks for: one unknown, the rest as it stands on the Bench. */
export type Question =
  /** "I have so many hours": how strong must the bath be? */
  | { unknown: "strength"; hours: number }
  /** How long, at the strength that stands? */
  | { unknown: "time" }
  /** Lifted out at the pull: how long a rinse brings the mean back to the target? */
  | { unknown: "rinse" }
  /** Lifted out at the pull: how long a rest evens it out? */
  | { unknown: "rest" };

/** An answer in the unit of the unknown, or why there is none and the nearest there is. */
export type Answer =
  | { ok: true; value: number }
  | {
      ok: false;
      why: "too_slow_even_saturated" | "salty_already_at_the_weakest" | "not_within" | "not_needed";
      /** The nearest that exists, in the unit of the unknown. */
      nearest: number;
      /** How far the nearest gets: the mean, share of finished flesh. */
      reachesFraction: number;
    };

const PRECISION = { cells: 80, stepTolerance: 1e-5 };
const WEAKEST = 0.005;
const LONGEST_RINSE_H = 12;
const LONGEST_REST_H = 96;

/**
 * Solves for one unknown by running the soak engine.
 * Units: strength as salt over solution (fraction), time, rinse and rest in hours.
 */
export function solve(input: Formulation, load: SoakLoad, question: Question): Answer {
  switch (question.unknown) {
    case "strength":
      return solveStrength(input, load, question.hours);
    case "time":
      return solveTime(input, load);
    case "rinse":
      return solveRinse(input, load);
    case "rest":
      return solveRest(input, load);
  }
}

function shareAt(load: SoakLoad, perWater: number): number {
  return shareOfFinishedFlesh(perWater, load.flesh.waterFraction);
}

function solveStrength(input: Formulation, load: SoakLoad, hours: number): Answer {
  const aim = aimOf(input, load);
  const at = (strength: number) => {
    const saltG = load.waterG * saltPerWater(strength);
    const problem = soakProblem(input, { ...load, saltG });
    const stage = { ...problem.stage, durationS: hours * HOUR_S };
    const ran = runProblem({ ...problem, stage }, PRECISION);
    if (!ran.ok) throw new Error(ran.error.field);
    const end = ran.value.moments[ran.value.moments.length - 1];
    return { reached: progress(ran.value.grid, end, aim), mean: shareAt(load, end.mean) };
  };
  const strongest = saturationFraction(input.holding.temperatureC);
  const most = at(strongest);
  if (most.reached < 1)
    return { ok: false, why: "too_slow_even_saturated", nearest: strongest, reachesFraction: most.mean };
  const least = at(WEAKEST);
  if (least.reached > 1)
    return { ok: false, why: "salty_already_at_the_weakest", nearest: WEAKEST, reachesFraction: least.mean };
  let [low, high] = [WEAKEST, strongest];
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2;
    if (at(middle).reached >= 1) high = middle;
    else low = middle;
  }
  return { ok: true, value: high };
}

function solveTime(input: Formulation, load: SoakLoad): Answer {
  const problem = soakProblem(input, load);
  const [hours] = reachHours(problem, [aimOf(input, load)], RAIL_TO_H, PRECISION);
  if (hours !== undefined) return { ok: true, value: hours };
  const ran = runProblem(problem, PRECISION);
  if (!ran.ok) throw new Error(ran.error.field);
  const end = ran.value.moments[ran.value.moments.length - 1];
  return { ok: false, why: "not_within", nearest: RAIL_TO_H, reachesFraction: shareAt(load, end.mean) };
}

function solveRinse(input: Formulation, load: SoakLoad): Answer {
  const problem = soakProblem(input, load);
  const stages = [
    { ...problem.stage, durationS: input.pullH * HOUR_S },
    rinseStage(problem, LONGEST_RINSE_H * 60),
  ];
  return afterPull(problem, stages, load, input.pullH, (m) => m.mean - load.targetPerWater);
}

function solveRest(input: Formulation, load: SoakLoad): Answer {
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
): Answer {
  const pullS = pullH * HOUR_S;
  let heldAtPull = false;
  let lastMean = 0;
  let before: { timeS: number; gap: number } | undefined;
  let foundS: number | undefined;
  const ran = simulateSoak(problem.body, stages, {
    ...PRECISION,
    initialPerWater: problem.initialPerWater,
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
  if (heldAtPull) return { ok: false, why: "not_needed", nearest: 0, reachesFraction };
  if (foundS !== undefined) return { ok: true, value: foundS / HOUR_S };
  return { ok: false, why: "not_within", nearest: end.timeS / HOUR_S - pullH, reachesFraction };
}
