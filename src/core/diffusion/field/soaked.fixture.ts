import type { SoakMoment, SoakRun } from "../run";
import { simulateSoak } from "../simulate";
import type { Body, Stage } from "../stages";

/* Soaks of one piece, for tests of its field: in a bath of 10 %, at one pace. */

export const D = 3e-10;
export const HOUR = 3600;

export const bath = (hours: number, waterRatio = 1.5): Extract<Stage, { kind: "bath" }> => ({
  kind: "bath",
  durationS: hours * HOUR,
  diffusivityM2PerS: D,
  waterRatio,
  saltPerWater: 0.1,
});

export const rest = (hours: number): Stage => ({
  kind: "rest",
  durationS: hours * HOUR,
  diffusivityM2PerS: D,
});

export function ran(body: Body, stages: readonly Stage[], seconds: readonly number[]): SoakRun {
  const result = simulateSoak(body, stages, { outputTimesS: seconds });
  if (!result.ok) throw new Error(result.error.field);
  return result.value;
}

export function at({ moments }: SoakRun, second: number): SoakMoment {
  const found = moments.find((m) => Math.abs(m.timeS - second) < 1);
  if (!found) throw new Error(`no moment at ${second} s`);
  return found;
}
