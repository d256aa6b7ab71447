import { acidDepthMm, sugarDepthMm } from "../diffusion/fronts";
import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import { hasBath } from "../preparations";

/** How deep what goes in beside the salt has gone, mm; 0 where there is none of it. */
export interface Fronts {
  acidMm: number;
  sugarMm: number;
}

/** Sour enough for its acid to be drawn. */
const SOUR_PH = 5;
/** Five minutes are fine enough to draw. */
const STEPS_AN_HOUR = 12;

export function frontsAtPull(input: Formulation, { mix, soak, sugarG, contact }: Formulated): Fronts {
  const hours = Math.round(input.pullH * STEPS_AN_HOUR) / STEPS_AN_HOUR;
  const isSour = (input.sour === true && hasBath(input)) || (mix?.pH !== undefined && mix.pH < SOUR_PH);
  // Put within, it comes from no face; through a crust's damp salt hardly anything else goes.
  const isSweet = sugarG > 0 && (contact.kind === "bath" || contact.kind === "drySalt");
  // From the barest face it lies on: what comes in at the sides of a block is not what its section shows deep.
  const { solid, ...own } = { ...soak.body, veiled: undefined };
  const body = solid ? { ...own, shape: "slab" as const } : own;
  const seconds = hours * 3600;
  const { diffusivityM2PerS } = soak;
  return {
    acidMm: isSour && hours > 0 ? acidDepthMm(body, diffusivityM2PerS, seconds, acidEqPerL(mix)) : 0,
    sugarMm: isSweet && hours > 0 ? sugarDepthMm(body, diffusivityM2PerS, seconds) : 0,
  };
}

/** Of citric acid, g to the equivalent. */
const CITRIC_G_PER_EQ = 64.04;
/** A sour bath nobody said more of: a part of vinegar in five of brine. *Practice*, estimate. */
const USUAL_SOUR_EQ_PER_L = 0.15;

const acidEqPerL = (mix: Formulated["mix"]): number =>
  mix && mix.citricG > 0 && mix.waterG > 0
    ? mix.citricG / CITRIC_G_PER_EQ / (mix.waterG / 1000)
    : USUAL_SOUR_EQ_PER_L;
