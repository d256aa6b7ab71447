import { progress, type Aim } from "../../diffusion/readiness";
import type { SoakOptions, SoakRun } from "../../diffusion/run";
import { runProblem } from "./soak";
import type { SoakProblem } from "./soak-problem";
import { HOUR_S } from "./window";

type Precision = Pick<SoakOptions, "cells" | "stepTolerance">;

/** How far along each aim is at an hour; 1 is there. */
interface Along {
  hour: number;
  along: number[];
}

/** Follows a soak step by step. @param seen each step with the one before it; what answers true ends it there */
function follow(
  problem: SoakProblem,
  aims: readonly Aim[],
  withinH: number,
  precision: Precision,
  seen: (now: Along, before: Along) => boolean,
): void {
  let grid: SoakRun["grid"] | undefined;
  let before: Along = { hour: 0, along: aims.map(() => 0) };
  const bounded = { ...problem, stage: { ...problem.stage, durationS: withinH * HOUR_S } };
  runProblem(bounded, {
    ...precision,
    onGrid: (g) => {
      grid = g;
    },
    onStep: (moment) => {
      if (!grid) return false;
      const own = grid;
      const now = { hour: moment.timeS / HOUR_S, along: aims.map((aim) => progress(own, moment, aim)) };
      const ends = seen(now, before);
      before = now;
      return ends;
    },
  });
}

/**
 * Hours until each aim is first reached, in one run that goes no further than it must.
 * @returns one entry an aim, undefined where it is not reached within the hours given
 */
export function reachHours(
  problem: SoakProblem,
  aims: readonly Aim[],
  withinH: number,
  precision: Precision,
): (number | undefined)[] {
  const found: (number | undefined)[] = aims.map(() => undefined);
  follow(problem, aims, withinH, precision, (now, before) => {
    now.along.forEach((value, i) => {
      if (found[i] !== undefined || value < 1) return;
      const part = value === before.along[i] ? 1 : (1 - before.along[i]) / (value - before.along[i]);
      found[i] = before.hour + part * (now.hour - before.hour);
    });
    return found.every((hours) => hours !== undefined);
  });
  return found;
}

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
  precision: Precision,
): Float64Array[] {
  const courses = aims.map(() => new Float64Array(hours.length));
  let last = aims.map(() => 0);
  let next = 0;
  follow(problem, aims, Math.min(LONGEST_H, hours[hours.length - 1]), precision, (now, before) => {
    for (; next < hours.length && hours[next] <= now.hour; next++) {
      const part = (hours[next] - before.hour) / (now.hour - before.hour);
      courses.forEach(
        (course, a) => (course[next] = before.along[a] + part * (now.along[a] - before.along[a])),
      );
    }
    last = now.along;
    return next === hours.length || last.every((value) => value > FAR_PAST);
  });
  courses.forEach((course, a) => course.fill(last[a], next));
  return courses;
}
