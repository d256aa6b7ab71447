import { meanPerWaterBetween } from "../../diffusion/read-moment";
import type { Aim, Kept } from "../../diffusion/readiness";
import type { SoakMoment, SoakRun } from "../../diffusion/run";
import { simulateSoak } from "../../diffusion/simulate";
import type { Formulation } from "../../formulation";
import { rinseMinOf } from "../../preparations";
import { rinseStage } from "./plate";
import { startOf, reducedProblem, soakProblem, type SoakLoad, type SoakProblem } from "./soak-problem";
import { HOUR_S, RAIL_TO_H } from "./window";

/** Hours at which a rinse is worked out; between them what it leaves goes with the root of time, as salt does. */
const RINSED_AT_H = [1 / 60, 1 / 4, 1, 2, 4, 8, 16, 32, RAIL_TO_H];
const PRECISION = { cells: 60, stepTolerance: 5e-5 };
const OUTER_THIRD = 2 / 3;

/** What the soak is to come to: salt in the flesh as it goes to the heat, after its rinse where it is rinsed. */
export function aimOf(input: Formulation, load: SoakLoad): Aim {
  const aim = soakAimOf(input, load);
  const minutes = rinseMinOf(input) ?? 0;
  return minutes > 0 ? { ...aim, kept: keptByRinse(soakProblem(input, load), minutes) } : aim;
}

/** The same for the flesh as it is lifted out, whatever is done with it then. */
export function soakAimOf(input: Formulation, load: SoakLoad): Aim {
  const within = load.contact.kind === "within";
  return {
    targetPerWater: load.targetPerWater,
    // Salt within has no outside of its own.
    readiness: within && input.readiness === "outside" ? "seasoned" : input.readiness,
    dry: within || (load.contact.kind === "drySalt" && !load.excess),
    ...(within && { leanAtFace: true }),
  };
}

/** What so many minutes in fresh water leave, by how long it had stood. By the nearest body of one direction. */
function keptByRinse(whole: SoakProblem, minutes: number): (timeS: number) => Kept {
  const problem = reducedProblem(whole);
  const ran = simulateSoak(problem.body, [problem.stage], {
    ...PRECISION,
    initialPerWater: startOf(problem),
    outputTimesS: RINSED_AT_H.map((h) => h * HOUR_S),
  });
  if (!ran.ok) return () => ALL_OF_IT;
  const { grid, moments } = ran.value;
  const tried = moments.filter((m) => m.timeS > 0);
  const left = tried.map((m) => keptOf(problem, grid, m, minutes));
  return (timeS) => between(tried, left, timeS);
}

const ALL_OF_IT: Kept = { whole: 1, outerThird: 1 };

function keptOf(problem: SoakProblem, grid: SoakRun["grid"], before: SoakMoment, minutes: number): Kept {
  const ran = simulateSoak(problem.body, [rinseStage(problem, minutes)], {
    ...PRECISION,
    initialPerWater: (from, to) => meanPerWaterBetween(grid, before, from, to),
  });
  if (!ran.ok || before.mean <= 0) return ALL_OF_IT;
  const { moments, grid: rinsedGrid } = ran.value;
  const after = moments[moments.length - 1];
  const outer = (g: SoakRun["grid"], m: SoakMoment) => meanPerWaterBetween(g, m, OUTER_THIRD, 1);
  return { whole: after.mean / before.mean, outerThird: outer(rinsedGrid, after) / outer(grid, before) };
}

function between(at: readonly SoakMoment[], left: readonly Kept[], timeS: number): Kept {
  const last = at.length - 1;
  const next = at.findIndex((m) => m.timeS >= timeS);
  if (next <= 0) return next === 0 ? left[0] : left[last];
  const [a, b] = [Math.sqrt(at[next - 1].timeS), Math.sqrt(at[next].timeS)];
  const part = (Math.sqrt(timeS) - a) / (b - a);
  const mix = (of: (k: Kept) => number) => of(left[next - 1]) + part * (of(left[next]) - of(left[next - 1]));
  return { whole: mix((k) => k.whole), outerThird: mix((k) => k.outerThird) };
}
