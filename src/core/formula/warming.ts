import { diffusivityAt } from "../diffusion/flesh-body";
import type { PaceProfile } from "../diffusion/pace";

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
