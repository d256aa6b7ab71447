import { perWaterAt } from "../../diffusion/read-moment";
import type { SoakMoment, SoakRun } from "../../diffusion/run";
import type { Stage } from "../../diffusion/stages";
import type { Formulation } from "../../formulation";
import { described, hasBath, rinseMinOf } from "../../preparations";
import { aimOf } from "../soak/aim";
import { restStage, rinseStage, runAfter } from "../soak/plate";
import { reachHours } from "../soak/course";
import { soakProblem, type SoakLoad, type SoakProblem } from "../soak/soak-problem";
import { HOUR_S, RAIL_TO_H } from "../soak/window";
import { shareOfFinishedFlesh } from "../weigh/equilibrium";

/** A way out for a batch that is late or early, with what the engine says comes of it. */
export interface Rescue {
  way: "lift_now" | "wait" | "pull_and_rest" | "rinse" | "dilute" | "salt_elsewhere";
  /** Hours until the food is ready to cook this way. */
  hours: number;
  /** Minutes of rinse, litres of water to add, or grams of salt to leave out elsewhere (negative: to add). */
  amount?: number;
  meanFraction: number;
  surfaceFraction: number;
  centreFraction: number;
}

const REST_H = 12;
const LONGEST_RINSE_MIN = 360;
/** Mean within this share of the target needs no help. */
const CLOSE = 0.05;

/**
 * What can be done now with a running batch, the best first: nearest to the target, then evenest, then soonest.
 * @param nowH hours in the bath so far  @param untilH hours from the start at which it is wanted
 */
export function rescues(input: Formulation, load: SoakLoad, nowH: number, untilH: number): Rescue[] {
  const problem = soakProblem(input, load);
  const target = load.targetPerWater;
  const say = (
    moment: SoakMoment,
    grid: SoakRun["grid"],
    rest: Pick<Rescue, "way" | "hours" | "amount">,
  ) => ({
    ...rest,
    meanFraction: share(load, moment.mean),
    surfaceFraction: share(load, perWaterAt(grid, moment, 1)),
    centreFraction: share(load, moment.centre),
  });
  const run = (then: readonly Stage[]) => {
    const ran = runAfter(problem, Math.max(nowH, 1 / 60), then);
    if (!ran.ok) throw new Error(ran.error.field);
    return { grid: ran.value.grid, end: ran.value.moments[ran.value.moments.length - 1] };
  };
  // Whatever else is done, it has the rinse that was planned for it.
  const plannedMin = rinseMinOf(input) ?? 0;
  const planned = plannedMin > 0 ? [rinseStage(problem, plannedMin)] : [];
  const after = (then: readonly Stage[]) => run([...then, ...planned]);

  const now = after([]);
  const options: Rescue[] = [say(now.end, now.grid, { way: "lift_now", hours: 0 })];

  const rested = after([restStage(problem, REST_H)]);
  options.push(say(rested.end, rested.grid, { way: "pull_and_rest", hours: REST_H }));

  if (now.end.mean < target * (1 - CLOSE)) {
    const [readyH] = reachHours(problem, [aimOf(input, load)], RAIL_TO_H, { cells: 80, stepTolerance: 1e-5 });
    if (readyH !== undefined && readyH > nowH) {
      const then = after([{ ...carryOn(problem), durationS: (readyH - nowH) * HOUR_S }]);
      options.push(say(then.end, then.grid, { way: "wait", hours: readyH - nowH }));
    }
  }
  if (now.end.mean > target * (1 + CLOSE) && described(input.preparation).rinses !== "no") {
    const rinsedFor = (minutes: number) => run([rinseStage(problem, minutes)]);
    const minutes = bisect((m) => rinsedFor(m).end.mean > target, Math.max(1, plannedMin), LONGEST_RINSE_MIN);
    const rinsed = rinsedFor(minutes);
    options.push(say(rinsed.end, rinsed.grid, { way: "rinse", hours: minutes / 60, amount: minutes }));
  }
  // Nobody thins a marinade: only a brine is diluted.
  const dilution = hasBath(input)
    ? dilute(problem, load, run([]).end.bath, untilH - nowH, target, after)
    : undefined;
  if (dilution)
    options.push(
      say(dilution.end, dilution.grid, { way: "dilute", hours: untilH - nowH, amount: dilution.litres }),
    );

  const excessG = (now.end.mean - target) * load.flesh.massG * load.flesh.waterFraction;
  if (Math.abs(now.end.mean / target - 1) > CLOSE)
    options.push(say(now.end, now.grid, { way: "salt_elsewhere", hours: 0, amount: excessG }));

  return options.sort((a, b) => distance(a, load, target) - distance(b, load, target));
}

const share = (load: SoakLoad, perWater: number) => shareOfFinishedFlesh(perWater, load.flesh.waterFraction);

/** Salt left out elsewhere makes the dish right though the flesh is not: it counts half. */
function distance(rescue: Rescue, load: SoakLoad, target: number): number {
  const off = Math.abs(rescue.meanFraction / share(load, target) - 1);
  const uneven = 1 - rescue.centreFraction / Math.max(rescue.meanFraction, 1e-9);
  return (rescue.way === "salt_elsewhere" ? off / 2 : off) + 0.1 * uneven + 0.005 * rescue.hours;
}

/** It goes on as it is: the same bath, or the salt still dry on the face with none put to it. */
function carryOn({ stage }: SoakProblem): Stage {
  switch (stage.kind) {
    case "bath":
      return { ...stage, saltPerWater: undefined };
    case "drySalt":
      return { ...stage, saltPerFleshWater: 0 };
    default:
      return stage;
  }
}

/** Water that, added now, lets the food stay in until it is wanted without going over. */
function dilute(
  problem: SoakProblem,
  load: SoakLoad,
  bath: number | undefined,
  leftH: number,
  target: number,
  after: (then: readonly Stage[]) => { grid: SoakRun["grid"]; end: SoakMoment },
) {
  const { stage } = problem;
  if (stage.kind !== "bath" || leftH <= 0 || bath === undefined) return undefined;
  const thinned = (litres: number): Stage => {
    const ratio = 1 + (litres * 1000) / load.waterG;
    return {
      ...stage,
      durationS: leftH * HOUR_S,
      waterRatio: stage.waterRatio * ratio,
      saltPerWater: bath / ratio,
    };
  };
  if (after([thinned(0)]).end.mean <= target * (1 + CLOSE)) return undefined;
  const most = (4 * load.waterG) / 1000;
  const litres = bisect((l) => after([thinned(l)]).end.mean > target, 0, most);
  return { ...after([thinned(litres)]), litres };
}

/** The least value in a range at which a falling condition no longer holds; the end of the range if it always does. */
function bisect(stillOver: (value: number) => boolean, from: number, to: number): number {
  if (stillOver(to)) return to;
  let [low, high] = [from, to];
  for (let i = 0; i < 16; i++) {
    const middle = (low + high) / 2;
    if (stillOver(middle)) low = middle;
    else high = middle;
  }
  return high;
}
