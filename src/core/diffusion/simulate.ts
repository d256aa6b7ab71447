import { ok, type Result } from "../result";
import { FieldSimulation } from "./field/field-simulation";
import { lanesOf, runsOf } from "./lanes";
import type { SharedBody, SoakOptions, SoakRun } from "./run";
import { Simulation } from "./simulation";
import { checkProgram, type Body, type SoakError, type Stage } from "./stages";

/**
 * Runs a program of stages on one body by Fick's second law: finite volumes in space, TR-BDF2 in time, the state
 * carried from stage to stage. Salt is conserved to rounding.
 * Model: one dimension, or the body's own directions where it has several; salt in the water phase, no net movement of water, one diffusivity throughout the flesh.
 * Checked against Crank, *The Mathematics of Diffusion*, 2nd ed., §§ 4.3, 5.3, 6.3 (see the tests).
 * @returns the recorded moments, or the first input that is out of its range
 */
export function simulateSoak(
  body: Body,
  stages: readonly Stage[],
  options: SoakOptions = {},
): Result<SoakRun, SoakError> {
  const runs = simulateSharedSoak([{ ...body, share: 1 }], stages, options);
  return runs.ok ? ok(runs.value[0]) : runs;
}

/**
 * The same for pieces of several sizes that share one bath: they share its salt.
 * @returns one run for each body, at the same moments
 */
export function simulateSharedSoak(
  bodies: readonly SharedBody[],
  stages: readonly Stage[],
  options: SoakOptions = {},
): Result<SoakRun[], SoakError> {
  const checked = checkProgram(bodies, stages);
  if (!checked.ok) return checked;
  // One direction suffices for most pieces, and is quickest.
  const manyWays = bodies.some((body) => body.solid);
  const lanes = lanesOf(bodies);
  const simulation = manyWays ? new FieldSimulation(lanes, options) : new Simulation(lanes, options);
  for (const stage of stages) simulation.runStage(stage);
  return ok(runsOf(lanes, simulation.runs()));
}
