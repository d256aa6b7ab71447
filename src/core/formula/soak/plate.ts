import { diffusivityAt } from "../../diffusion/flesh-body";
import type { PaceProfile } from "../../diffusion/pace";
import type { SoakMoment, SoakRun } from "../../diffusion/run";
import { simulateSoak } from "../../diffusion/simulate";
import type { SoakError, Stage } from "../../diffusion/stages";
import type { Cook, Formulation } from "../../formulation";
import { rinseMinOf } from "../../preparations";
import { ok, type Result } from "../../result";
import { startOf, soakProblem, type SoakLoad, type SoakProblem } from "./soak-problem";
import { warmingPace } from "./warming";
import { HOUR_S } from "./window";

export interface OnThePlate {
  grid: SoakRun["grid"];
  atPull: SoakMoment;
  served: SoakMoment;
}

/**
 * The food as it is eaten: lifted out, cooked and rested. No salt leaves; heat speeds its spreading several times.
 * Model: the flesh warms evenly through the cook and holds its heat through the rest; juice lost takes salt and water
 * alike, so the strength in what is left stays.
 */
export function onThePlate(
  input: Formulation,
  load: SoakLoad,
  cook: Cook,
  pullH = input.pullH,
): Result<OnThePlate, SoakError> {
  const problem = soakProblem(input, load);
  const cookS = cook.minutes * 60;
  const rinseMin = rinseMinOf(input);
  const common = { diffusivityM2PerS: problem.diffusivityM2PerS };
  const from = input.holding.temperatureC;
  const ran = runAfter(problem, pullH, [
    ...(rinseMin === undefined ? [] : [rinseStage(problem, rinseMin)]),
    { kind: "rest", ...common, durationS: cookS, pace: warmingPace(from, cook.toC, cookS) },
    { kind: "rest", ...common, durationS: cook.restMin * 60, pace: holdAt(from, cook.toC) },
  ]);
  if (!ran.ok) return ran;
  const { grid, moments } = ran.value;
  return ok({ grid, atPull: moments[1], served: moments[moments.length - 1] });
}

const holdAt = (fromC: number, toC: number): PaceProfile => ({
  timesS: [0],
  factors: [diffusivityAt(1, toC) / diffusivityAt(1, fromC)],
});

/** The soak up to the pull, then further stages. Salt still dry at the pull is brushed off. */
export function runAfter(
  problem: SoakProblem,
  pullH: number,
  then: readonly Stage[],
): Result<SoakRun, SoakError> {
  const soak = { ...problem.stage, durationS: pullH * HOUR_S };
  return simulateSoak(problem.body, [soak, ...then], { initialPerWater: startOf(problem) });
}

/** A bath for rinsing: plenty of fresh cold water. @param minutes 0 to a day */
export function rinseStage(problem: SoakProblem, minutes: number): Stage {
  return {
    kind: "freshWater",
    durationS: minutes * 60,
    diffusivityM2PerS: problem.diffusivityM2PerS,
    surfaceTransferMPerS: problem.body.surfaceTransferMPerS,
    waterRatio: 5,
    changes: 1,
  };
}

export const restStage = (problem: SoakProblem, hours: number): Stage => ({
  kind: "rest",
  durationS: hours * HOUR_S,
  diffusivityM2PerS: problem.diffusivityM2PerS,
});
