import { acidDepthMm } from "../diffusion/acid";
import { cutsFor, type Cut } from "../formula/account/advice";
import { outcomeAt, type Outcome } from "../formula/account/outcome";
import { cookOf } from "../formula/cook/cook";
import { formulate, type Formulated, type FormulationError } from "../formula/formulate";
import type { Cook, Formulation } from "../formulation";
import { pantryOf } from "../materials/pantry";
import { practiceFor } from "../materials/practice";
import { hasBath } from "../preparations";
import { remembered } from "../remembered";
import type { Result } from "../result";
import { findingsFor } from "../safety/findings";
import type { KitchenLimits } from "../safety/limits";
import type { Finding } from "../safety/rule";
import { fleshSaltAt, type FleshSalt } from "../ways/flesh-salt";
import { soakKey } from "./soak-key";

/** What the Bench is asked to work out. */
export interface Asked {
  input: Formulation;
  /** Diffusivity here over the table's, as this kitchen's readings taught it. */
  rateFactor: number;
  kitchen: KitchenLimits;
}

/** Everything that stands on the Bench beside the fields. */
export interface WorkedOut {
  ok: true;
  input: Formulation;
  sheet: Formulated;
  /** At its pull. */
  outcome: Outcome;
  salt: FleshSalt;
  findings: Finding[];
  /** What to leave out where more salt is eaten than was wanted. */
  cuts: Cut[];
  cook: Cook;
  /** How deep acid has gone at the pull, mm; 0 where nothing is sour. */
  acidMm: number;
  /** How long a food stays in such a mixture by practice and by what it keeps, h. */
  practiceH: { from: number; to: number };
}

export interface Refused {
  ok: false;
  input: Formulation;
  error: FormulationError;
  /** Left out where the food is not known either. */
  cook?: Cook;
}

/** Sour enough for its acid to be drawn. */
const SOUR_PH = 5;

/** Works the whole Bench out. Pure: the same question has the same answer. */
export function workOut({ input, rateFactor, kitchen }: Asked): WorkedOut | Refused {
  const result = sheetOf(input, rateFactor);
  if (!result.ok) {
    const food = pantryOf(input.own).food(input.foodId);
    return { ok: false, input, error: result.error, ...(food && { cook: cookOf(input, food) }) };
  }
  const sheet = result.value;
  const outcome = outcomeAt(sheet, input.pullH, input.portions);
  return {
    ok: true,
    input,
    sheet,
    outcome,
    salt: fleshSaltAt(sheet, outcome, input.pullH),
    findings: findingsFor({ input, sheet, atPull: outcome, kitchen }),
    cuts: cutsFor(input, sheet, outcome, input.preparation.targetFraction),
    cook: cookOf(input, sheet.food),
    acidMm: acidAtPull(input, sheet),
    practiceH: practiceHours(sheet),
  };
}

/** The soak is run again only when something it depends on has changed: a pull that is dragged reads the run there is. */
const sheetsKept = remembered<Result<Formulated, FormulationError>>(4);

export function sheetOf(input: Formulation, rateFactor: number): Result<Formulated, FormulationError> {
  return sheetsKept(soakKey(input, rateFactor), () => formulate(input, { rateFactor }));
}

/** Five minutes are fine enough to draw. */
const STEPS_AN_HOUR = 12;

function acidAtPull(input: Formulation, { mix, soak }: Formulated): number {
  const hours = Math.round(input.pullH * STEPS_AN_HOUR) / STEPS_AN_HOUR;
  const isSour = (input.sour === true && hasBath(input)) || (mix?.pH !== undefined && mix.pH < SOUR_PH);
  // From the face it lies on: what comes in at the sides of a block is not what its section shows deep.
  const { solid, ...body } = soak.body;
  return isSour && hours > 0
    ? acidDepthMm(
        solid ? { ...body, shape: "slab" } : body,
        soak.diffusivityM2PerS,
        hours * 3600,
        acidEqPerL(mix),
      )
    : 0;
}

/** Of citric acid, g to the equivalent. */
const CITRIC_G_PER_EQ = 64.04;
/** A sour bath nobody said more of: a part of vinegar in five of brine. *Practice*, estimate. */
const USUAL_SOUR_EQ_PER_L = 0.15;

const acidEqPerL = (mix: Formulated["mix"]): number =>
  mix && mix.citricG > 0 && mix.waterG > 0
    ? mix.citricG / CITRIC_G_PER_EQ / (mix.waterG / 1000)
    : USUAL_SOUR_EQ_PER_L;

function practiceHours({ food, keep }: Formulated): { from: number; to: number } {
  const practice = practiceFor(food, keep.method);
  return { from: practice.minH, to: Math.min(practice.maxH, keep.hours) };
}
