import { overAim, type Aim } from "../../diffusion/readiness";
import type { Formulation } from "../../formulation";
import { aimOf } from "./aim";
import { betweenNodes, nodeDraws, QUICKEST } from "./between-nodes";
import { coursesOf, reachHours } from "./course";
import { drawsOf, type Draw } from "./draws";
import { diffusivityDoubt } from "./soak";
import {
  AS_LIKELY,
  reducedProblem,
  soakProblem,
  SPACING_DOUBT,
  THICKNESS_DOUBT_MM,
  wayFelt,
} from "./soak-problem";
import type { SoakLoad, SoakProblem, Variation } from "./soak-problem";
import { RAIL_TO_H, windowFrom } from "./window";
import type { SoakWindow, SoftHour } from "./window";

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

interface EnsembleOptions {
  /** One standard deviation of the logarithm of the rate, where readings have narrowed it. */
  rateDoubt?: number | undefined;
  /** Every one is run: slow, and what the reading is held against. */
  eachRun?: boolean;
}

/** Soaks that are looked at. */
export const MEMBERS = 500;
/** How many are run between two looks up. */
const SOAKS_A_TURN = 9;
/** A soak of the ensemble is followed so far: the piece as it is may be quicker than its stand-in. */
const FOLLOWED_H = RAIL_TO_H * 2;

/** The first hour that is looked at, and how many to each tenfold, in a soak's own measure. */
const FROM_H = 0.005;
const PER_DECADE = 24;

/**
 * The window with its soft edges, from many soaks: some are run and the rest read off between them. A few at a time: yields
 * the share done, so that a caller can show it or stop.
 */
export function* ensembleSteps(
  input: Formulation,
  load: SoakLoad,
  options: EnsembleOptions = {},
): Generator<number, Ensemble> {
  const aim = aimOf(input, load);
  // A crust goes by its bake, and nothing soaks where there is no salt.
  if (load.bake || load.saltG <= 0) return { window: windowFrom(load, {}, {}), members: 0 };
  const doubt = options.rateDoubt ?? diffusivityDoubt(load.food);
  // The eater's target does not move with the doubt about what was weighed.
  const problemOf = ({ thickness, rate, strength }: Draw) =>
    reducedProblem(
      soakProblem(input, load, {
        thickerMm: THICKNESS_DOUBT_MM * thickness,
        diffusivityFactor: Math.exp(doubt * rate),
        strengthFactor: Math.exp(STRENGTH_DOUBT * strength),
      }),
    );
  const hoursOf = (draw: Draw, aims: readonly Aim[]) =>
    reachHours(problemOf(draw), aims, FOLLOWED_H, MEMBER).map((h) => h ?? Infinity);
  // What the quickest never comes to is not looked for: an equilibrium bath does not go over.
  const all = aim.dry ? [aim] : [aim, overAim(aim)];
  const quickest = hoursOf(QUICKEST, all);
  const aims = all.filter((_, a) => quickest[a] < Infinity);
  const draws = drawsOf(MEMBERS);
  const hours = options.eachRun
    ? yield* each(draws, (draw) => hoursOf(draw, aims))
    : yield* readOff(draws, aims, problemOf, {
        wayOf: ({ thickness }) => wayFelt(input, load, THICKNESS_DOUBT_MM * thickness),
        paceOf: ({ rate }) => Math.exp(doubt * rate),
      });
  const inProportion = proportions(input, load, aims);
  const soft = new Map(
    aims.map((of, a) => [of, softFrom(hours.map((draw) => withinTheRail(draw[a], inProportion[a])))]),
  );
  const [ready, over] = all.map((of) => soft.get(of) ?? {});
  return { window: windowFrom(load, ready, over ?? {}), members: MEMBERS };
}

/** How far salt has to go in a draw, and how fast it goes there. */
interface Measures {
  wayOf: (draw: Pick<Draw, "thickness">) => number;
  paceOf: (draw: Pick<Draw, "rate">) => number;
}

/** The hours of each draw, aim by aim; Infinity where it does not come to it. */
function* readOff(
  draws: readonly Draw[],
  aims: readonly Aim[],
  problemOf: (draw: Draw) => SoakProblem,
  { wayOf, paceOf }: Measures,
): Generator<number, number[][]> {
  const likely = wayOf({ thickness: 0 });
  // A soak's own measure of time: hours go with the square of the way over the pace.
  const measureOf = (draw: Draw) => (wayOf(draw) / likely) ** 2 / paceOf(draw);
  const nodes = nodeDraws();
  const hours = hoursTo(FOLLOWED_H / Math.min(...nodes.map(measureOf)));
  const courses = yield* each(nodes, (draw) => {
    const measure = measureOf(draw);
    return coursesOf(
      problemOf(draw),
      aims,
      hours.map((h) => h * measure),
      MEMBER,
    );
  });
  const place = (thickness: number) => Math.log(wayOf({ thickness }));
  const read = aims.map((_, a) =>
    betweenNodes(
      courses.map((course) => course[a]),
      hours,
      place,
    ),
  );
  return draws.map((draw) => read.map((hoursOf) => hoursOf(draw) * measureOf(draw)));
}

/** The same hours for every soak, as many of them as it takes: what changes how far they go moves none. */
const hoursTo = (most: number): Float64Array =>
  Float64Array.from(
    { length: 1 + Math.ceil(Math.log10(most / FROM_H) * PER_DECADE) },
    (_, i) => FROM_H * 10 ** (i / PER_DECADE),
  );

function* each<T, R>(all: readonly T[], of: (one: T) => R): Generator<number, R[]> {
  const done: R[] = [];
  for (const one of all) {
    done.push(of(one));
    if (done.length % SOAKS_A_TURN === 0) yield done.length / all.length;
  }
  return done;
}

const withinTheRail = (hours: number, times: number): number =>
  hours * times <= RAIL_TO_H ? hours * times : Infinity;

/** Hours of the piece as it is over those of its stand-in, for each aim; 1 where it is its own. */
function proportions(input: Formulation, load: SoakLoad, aims: readonly Aim[]): number[] {
  const problem = soakProblem(input, load);
  if (!problem.body.standIn) return aims.map(() => 1);
  const own = reachHours(problem, aims, RAIL_TO_H, MEMBER);
  const standIn = reachHours(reducedProblem(problem), aims, FOLLOWED_H, MEMBER);
  return own.map((h, i) => {
    const other = standIn[i];
    return h === undefined || other === undefined || other === 0 ? 1 : h / other;
  });
}

/** The same in one go. */
export function ensembleWindow(input: Formulation, load: SoakLoad, options: EnsembleOptions = {}): Ensemble {
  const steps = ensembleSteps(input, load, options);
  let turn = steps.next();
  while (!turn.done) turn = steps.next();
  return turn.value;
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

/** What a small change of one input does to the hour of readiness; the largest first. */
export interface Sensitivity {
  input: "thickness" | "spacing" | "diffusivity" | "strength" | "warmth";
  /** As it would be said: mm, share, share, °C. */
  change: number;
  hoursMore: number;
}

/** Which input matters most, each changed by what a cook may well be off by. */
export function sensitivities(input: Formulation, load: SoakLoad): Sensitivity[] {
  const aim = aimOf(input, load);
  const hours = (f: Formulation, vary: Partial<Variation>) =>
    reachHours(
      reducedProblem(soakProblem(f, load, { ...AS_LIKELY, ...vary })),
      [aim],
      8 * RAIL_TO_H,
      FINER,
    )[0];
  const base = hours(input, {});
  if (base === undefined) return [];
  const [inProportion] = proportions(input, load, [aim]);
  const warmer = { ...input, holding: { ...input.holding, temperatureC: input.holding.temperatureC + 1 } };
  const tries: [Sensitivity["input"], number, number | undefined][] = [
    [
      load.contact.kind === "within" ? "spacing" : "thickness",
      load.contact.kind === "within" ? SPACING_DOUBT : THICKNESS_DOUBT_MM,
      hours(input, { thickerMm: THICKNESS_DOUBT_MM }),
    ],
    ["diffusivity", -0.2, hours(input, { diffusivityFactor: 0.8 })],
    ["strength", -0.05, hours(input, { strengthFactor: 0.95 })],
    ["warmth", 1, hours(warmer, {})],
  ];
  return tries
    .flatMap(([name, change, h]) =>
      h === undefined ? [] : [{ input: name, change, hoursMore: (h - base) * inProportion }],
    )
    .sort((x, y) => Math.abs(y.hoursMore) - Math.abs(x.hoursMore));
}
