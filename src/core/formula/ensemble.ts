import { diffusivityDoubt, reachHours, THICKNESS_DOUBT_MM } from "./soak";
import { AS_LIKELY, aimOf, reducedProblem, soakProblem } from "./soak-problem";
import { RAIL_TO_H, windowFrom } from "./window";
import type { SoakLoad, Variation } from "./soak-problem";
import type { SoakWindow, SoftHour } from "./window";
import type { Formulation } from "./model";
import { OVER_SHARE, type Aim } from "../diffusion/readiness";

/** One standard deviation of a brine's or a dose's strength: weighing and moist salt. *Practice*. */
export const STRENGTH_DOUBT = 0.03;
const MEMBER = { cells: 40, stepTolerance: 1e-4 };
/** For differences between two runs the runs themselves must be closer. */
const FINER = { cells: 80, stepTolerance: 1e-5 };
/** Edges: one in six earlier than early, one in six later than late, as for one standard deviation. */
const EDGE_SHARE = 1 / 6;

export interface Ensemble {
  window: SoakWindow;
  members: number;
}

/**
 * Draws of what the real soak may be, spread evenly by a low-discrepancy sequence (Halton, bases 2, 3, 5), so that the
 * same count gives the same draws: no randomness in the core.
 */
export function variations(load: SoakLoad, members: number, rateDoubt?: number): Variation[] {
  const doubt = rateDoubt ?? diffusivityDoubt(load.food);
  return Array.from({ length: members }, (_, i) => ({
    thickerMm: THICKNESS_DOUBT_MM * normalQuantile(halton(i + 1, 2)),
    diffusivityFactor: Math.exp(doubt * normalQuantile(halton(i + 1, 3))),
    strengthFactor: Math.exp(STRENGTH_DOUBT * normalQuantile(halton(i + 1, 5))),
  }));
}

interface EnsembleOptions {
  members: number;
  /** One standard deviation of the logarithm of the rate, where readings have narrowed it. */
  rateDoubt?: number;
}

/** How many soaks are run between two looks up. */
const MEMBERS_A_TURN = 16;

/**
 * The window with its soft edges, from many soaks, a few at a time: yields the share done, so that a caller can show
 * it or stop.
 */
export function* ensembleSteps(
  input: Formulation,
  load: SoakLoad,
  options: EnsembleOptions,
): Generator<number, Ensemble> {
  const aim = aimOf(input, load);
  const aims = aim.dry ? [aim] : [aim, overAim(aim)];
  // A crust goes by its bake, and nothing soaks where there is no salt.
  const members = load.bake || load.saltG <= 0 ? 0 : options.members;
  const draws = variations(load, members, options.rateDoubt);
  const ready: number[] = [];
  const over: number[] = [];
  const inProportion = members > 0 ? proportions(input, load, aims) : aims.map(() => 1);
  for (const [i, vary] of draws.entries()) {
    // The eater's target does not move with the doubt about what was weighed.
    const [readyH, overH] = reachHours(
      reducedProblem(soakProblem(input, load, vary)),
      aims,
      RAIL_TO_H * 2,
      MEMBER,
    );
    ready.push(withinTheRail(readyH, inProportion[0]));
    over.push(withinTheRail(overH, inProportion[1]));
    if (i % MEMBERS_A_TURN === MEMBERS_A_TURN - 1) yield (i + 1) / draws.length;
  }
  return {
    window: windowFrom(load, softFrom(ready), softFrom(over)),
    members: draws.length,
  };
}

const withinTheRail = (hours: number | undefined, times: number): number => {
  const h = (hours ?? Infinity) * times;
  return h <= RAIL_TO_H ? h : Infinity;
};

/** Hours of the piece as it is over those of its stand-in, for each aim; 1 where it is its own. */
function proportions(input: Formulation, load: SoakLoad, aims: readonly Aim[]): number[] {
  const problem = soakProblem(input, load);
  if (!problem.body.standIn) return aims.map(() => 1);
  const own = reachHours(problem, aims, RAIL_TO_H, MEMBER);
  const standIn = reachHours(reducedProblem(problem), aims, RAIL_TO_H * 2, MEMBER);
  return own.map((h, i) => {
    const other = standIn[i];
    return h === undefined || other === undefined || other === 0 ? 1 : h / other;
  });
}

/** The same in one go. */
export function ensembleWindow(input: Formulation, load: SoakLoad, options: EnsembleOptions): Ensemble {
  const steps = ensembleSteps(input, load, options);
  let turn = steps.next();
  while (!turn.done) turn = steps.next();
  return turn.value;
}

/** A window's soft edges taken from an ensemble, its likely hours from the single finer run. */
export function softened(likely: SoakWindow, ensemble: SoakWindow): SoakWindow {
  const edges = (fine: SoftHour, soft: SoftHour): SoftHour => ({
    early: minOf(soft.early, fine.likely),
    likely: fine.likely,
    late: maxOf(soft.late, fine.likely),
  });
  return { ...likely, ready: edges(likely.ready, ensemble.ready), past: edges(likely.past, ensemble.past) };
}

const minOf = (a: number | undefined, b: number | undefined) =>
  a === undefined || b === undefined ? a : Math.min(a, b);
const maxOf = (a: number | undefined, b: number | undefined) =>
  a === undefined || b === undefined ? a : Math.max(a, b);

/** Going over is being "seasoned" to a higher mark: the mean at 115 % of the target. */
function overAim(aim: Aim): Aim {
  return { ...aim, readiness: "over", targetPerWater: OVER_SHARE * aim.targetPerWater };
}

function softFrom(hours: number[]): SoftHour {
  if (hours.length === 0) return {};
  const sorted = [...hours].sort((a, b) => a - b);
  const at = (share: number) => {
    const hour = sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
    return Number.isFinite(hour) ? hour : undefined;
  };
  return { early: at(EDGE_SHARE), likely: at(0.5), late: at(1 - EDGE_SHARE) };
}

/** The i-th number of the van der Corput sequence in a base, between 0 and 1. */
function halton(i: number, base: number): number {
  let result = 0;
  let share = 1 / base;
  for (let rest = i; rest > 0; rest = Math.floor(rest / base)) {
    result += share * (rest % base);
    share /= base;
  }
  return result;
}

/** Standard normal quantile (Acklam's rational approximation, relative error under 1.2e-9; *from memory*). */
export function normalQuantile(p: number): number {
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
    2.506628277459239,
  ];
  const b = [
    -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572,
  ];
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ];
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];
  const horner = (coefficients: number[], x: number) => coefficients.reduce((sum, k) => sum * x + k, 0);
  if (p < 0.02425) {
    const q = Math.sqrt(-2 * Math.log(p));
    return horner(c, q) / (horner(d, q) * q + 1);
  }
  if (p > 1 - 0.02425) return -normalQuantile(1 - p);
  const q = p - 0.5;
  const r = q * q;
  return (horner(a, r) * q) / (horner(b, r) * r + 1);
}

/** What a small change of one input does to the hour of readiness; the largest first. */
export interface Sensitivity {
  input: "thickness" | "diffusivity" | "strength" | "warmth";
  /** As it would be said: mm, share, share, °C. */
  change: number;
  hoursMore: number;
}

/** Which input matters most, each changed by what a cook may well be off by. */
export function sensitivities(input: Formulation, load: SoakLoad): Sensitivity[] {
  const aim = aimOf(input, load);
  const hours = (f: Formulation, vary: Partial<Variation>) =>
    reachHours(soakProblem(f, load, { ...AS_LIKELY, ...vary }), [aim], 8 * RAIL_TO_H, FINER)[0];
  const base = hours(input, {});
  if (base === undefined) return [];
  const warmer = { ...input, holding: { ...input.holding, temperatureC: input.holding.temperatureC + 1 } };
  const tries: [Sensitivity["input"], number, number | undefined][] = [
    ["thickness", THICKNESS_DOUBT_MM, hours(input, { thickerMm: THICKNESS_DOUBT_MM })],
    ["diffusivity", -0.2, hours(input, { diffusivityFactor: 0.8 })],
    ["strength", -0.05, hours(input, { strengthFactor: 0.95 })],
    ["warmth", 1, hours(warmer, {})],
  ];
  return tries
    .flatMap(([name, change, h]) => (h === undefined ? [] : [{ input: name, change, hoursMore: h - base }]))
    .sort((x, y) => Math.abs(y.hoursMore) - Math.abs(x.hoursMore));
}
