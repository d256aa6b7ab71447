import { progress, type Aim } from "../../diffusion/readiness";
import type { SoakOptions, SoakRun } from "../../diffusion/run";
import { runProblem } from "./soak";
import type { SoakProblem } from "./soak-problem";
import { HOUR_S } from "./window";

/** Of an aim that is so far behind nothing more is asked. */
const FAR_PAST = 2;
/** Nothing moves any more by then, and the engine goes no further, h. */
const LONGEST_H = 20_000;

/**
 * How far along a soak is at each of the hours, aim by aim; 1 is there. One run, that goes no further than it must: once
 * every aim is reached twice over it stays as it is.
 * @param hours rising, h
 */
export function coursesOf(
  problem: SoakProblem,
  aims: readonly Aim[],
  hours: Float64Array,
  precision: Pick<SoakOptions, "cells" | "stepTolerance">,
): Float64Array[] {
  const courses = aims.map(() => new Float64Array(hours.length));
  let before = aims.map(() => 0);
  let beforeH = 0;
  let next = 0;
  let grid: SoakRun["grid"] | undefined;
  const durationS = Math.min(LONGEST_H, hours[hours.length - 1]) * HOUR_S;
  const whole = { ...problem, stage: { ...problem.stage, durationS } };
  runProblem(whole, {
    ...precision,
    onGrid: (g) => {
      grid = g;
    },
    onStep: (moment) => {
      if (!grid) return false;
      const own = grid;
      const now = aims.map((aim) => progress(own, moment, aim));
      const hour = moment.timeS / HOUR_S;
      for (; next < hours.length && hours[next] <= hour; next++) {
        const part = (hours[next] - beforeH) / (hour - beforeH);
        courses.forEach((course, a) => (course[next] = before[a] + part * (now[a] - before[a])));
      }
      before = now;
      beforeH = hour;
      return next === hours.length || now.every((value) => value > FAR_PAST);
    },
  });
  courses.forEach((course, a) => course.fill(before[a], next));
  return courses;
}
