import { cutsFor, type Cut } from "../formula/account/advice";
import { outcomeAt, type Outcome } from "../formula/account/outcome";
import { cookOf } from "../formula/cook/cook";
import type { Poured } from "../formula/weigh/as-poured";
import { formulate, type Formulated, type FormulationError } from "../formula/formulate";
import type { Cook, Formulation } from "../formulation";
import { pantryOf } from "../materials/pantry";
import { practiceFor } from "../materials/practice";
import { remembered } from "../remembered";
import type { Result } from "../result";
import { findingsFor } from "../safety/findings";
import type { KitchenLimits } from "../safety/limits";
import type { Finding } from "../safety/rule";
import { fleshSaltAt, type FleshSalt } from "../ways/flesh-salt";
import { frontsAtPull, type Fronts } from "./fronts";
import { soakKey } from "./soak-key";

/** What the Bench is asked to work out. */
export interface Asked {
  input: Formulation;
  /** Diffusivity here over the table's, as this kitchen's readings taught it. */
  rateFactor: number;
  kitchen: KitchenLimits;
  /** Of a batch, what really went on the scale. */
  poured?: Poured;
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
  /** What else than salt has gone in at the pull. */
  fronts: Fronts;
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

/** Works the whole Bench out. Pure: the same question has the same answer. */
export function workOut({ input, rateFactor, kitchen, poured }: Asked): WorkedOut | Refused {
  const result = sheetOf(input, rateFactor, poured);
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
    fronts: frontsAtPull(input, sheet),
    practiceH: practiceHours(sheet),
  };
}

/** The soak is run again only when something it depends on has changed: a pull that is dragged reads the run there is. */
const sheetsKept = remembered<Result<Formulated, FormulationError>>(4);

export function sheetOf(
  input: Formulation,
  rateFactor: number,
  poured?: Poured,
): Result<Formulated, FormulationError> {
  return sheetsKept(soakKey(input, rateFactor, poured), () => formulate(input, { rateFactor, poured }));
}

function practiceHours({ food, keep }: Formulated): { from: number; to: number } {
  const practice = practiceFor(food, keep.method);
  return { from: practice.minH, to: Math.min(practice.maxH, keep.hours) };
}
