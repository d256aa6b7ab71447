import { diffusivityAt } from "../../diffusion/flesh-body";
import type { PaceProfile } from "../../diffusion/pace";
import type { Formulation } from "../../formulation";
import { vesselLeakWPerK } from "../../heat/vessel-leak";
import { hasBath } from "../../preparations";

const RAMP_POINTS = 13;

/** Flesh that warms evenly from one temperature to another, as the pace of diffusion over that at the first. */
export function warmingPace(fromC: number, toC: number, durationS: number): PaceProfile {
  const steps = Array.from({ length: RAMP_POINTS }, (_, i) => i / (RAMP_POINTS - 1));
  const at = (temperatureC: number) => diffusivityAt(1, temperatureC) / diffusivityAt(1, fromC);
  return {
    timesS: steps.map((share) => share * durationS),
    factors: steps.map((share) => at(fromC + share * (toC - fromC))),
  };
}

/** Heat capacities, J/(g K); CRC Handbook and lean flesh, *from memory*. */
const BRINE_J_PER_G_K = 4;
const FLESH_J_PER_G_K = 3.5;
/** Nearer than this nobody reads it, °C. */
const SAME_C = 0.05;
const COOLING_POINTS = 16;
/** By then it has come to the fridge's temperature, in time constants. */
const COOLED_AFTER = 5;

/** A bath that does not begin at the temperature it is held at. */
export interface BathWarmth {
  /** Brine and food once they have met, °C. */
  metC: number;
  /** In so many hours it comes nearer to the fridge's temperature by a factor of e. */
  timeConstantH: number;
}

/**
 * How warm a bath really is: it meets the cold food, then comes to the air of where it is held, through the walls of its
 * vessel. The flesh is taken to be as warm as the bath: heat goes through it some hundred times as fast as salt.
 * @returns undefined where it begins at the temperature it is held at
 */
export function bathWarmth(
  { holding, vessel, preparation }: Pick<Formulation, "holding" | "vessel" | "preparation">,
  bathG: number,
  fleshG: number,
): BathWarmth | undefined {
  // Only of a brine is it asked how warm it begins.
  if (!hasBath({ preparation })) return undefined;
  const { brineStartC, temperatureC } = holding;
  const [bath, flesh] = [bathG * BRINE_J_PER_G_K, fleshG * FLESH_J_PER_G_K];
  const metC = (bath * brineStartC + flesh * temperatureC) / (bath + flesh);
  if (Math.abs(metC - temperatureC) < SAME_C) return undefined;
  return { metC, timeConstantH: (bath + flesh) / vesselLeakWPerK(vessel) / 3600 };
}

/** The same as the pace of diffusion over that at the temperature it is held at. */
export function coolingPace({ metC, timeConstantH }: BathWarmth, heldC: number): PaceProfile {
  const steps = Array.from({ length: COOLING_POINTS }, (_, i) => (COOLED_AFTER * i) / (COOLING_POINTS - 1));
  const at = (temperatureC: number) => diffusivityAt(1, temperatureC) / diffusivityAt(1, heldC);
  const factors = steps.map((t) => at(heldC + (metC - heldC) * Math.exp(-t)));
  return {
    timesS: steps.map((t) => t * timeConstantH * 3600),
    // The last one holds for good.
    factors: factors.map((factor, i) => (i === steps.length - 1 ? 1 : factor)),
  };
}
