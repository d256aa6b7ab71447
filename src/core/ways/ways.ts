import { perWaterAt } from "../diffusion/read-moment";
import { outcomeAt, type Outcome } from "../formula/account/outcome";
import { formulate, weighOut, type Formulated } from "../formula/formulate";
import { withPreparation } from "../formula/offer/offered";
import { spreadOf } from "../formula/soak/soak";
import { soakProblem } from "../formula/soak/soak-problem";
import { RAIL_FROM_H } from "../formula/soak/window";
import { shareOfFinishedFlesh } from "../formula/weigh/equilibrium";
import type { Formulation } from "../formulation";
import { pantryOf } from "../materials/pantry";
import { choiceOf, described, type PreparationChoice } from "../preparations";
import { handsToTheHeat } from "../program/hands";
import { bestFirst } from "./best-first";
import { fleshSaltAt } from "./flesh-salt";
import { choicesFor } from "./serves";
import { fewCells, solveThird } from "./third";
import { verdictOf } from "./verdict";
import type { Way, WayCost } from "./way";

/** A way ends a little before it must. */
const OF_ITS_LIMIT = 0.95;
/** Under this, evenness is told: it is salted outside and plain within. */
const OUTSIDE_ONLY = 0.25;

/** A rub without salt wants none; other ways are then offered with a usual figure. */
const WANTED_OF_NONE = 0.012;

export interface WaysOptions {
  rateFactor?: number;
  /** Which of so many parts, where several work at it side by side: put together by `bestFirst`. */
  part?: { at: number; of: number };
}

/**
 * Every preparation that can serve, worked out for this food in these hours, the best first: nearest to the salt that is
 * wanted, then the one more even, then the one with less to throw away.
 * @param hours until it goes to the heat, 0.1 to 96
 */
export function waysFor(input: Formulation, hours: number, options: WaysOptions = {}): Way[] {
  const steps = waysSteps(input, hours, options);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** The same, a step for each preparation: between two of them whoever works it out may look up, and leave it. */
export function* waysSteps(
  input: Formulation,
  hours: number,
  options: WaysOptions,
): Generator<undefined, Way[]> {
  const food = pantryOf(input.own).food(input.foodId);
  if (!food) return [];
  const own = choiceOf(input.preparation);
  const wanted = input.preparation.targetFraction || WANTED_OF_NONE;
  const { at, of } = options.part ?? { at: 0, of: 1 };
  const ways: Way[] = [];
  for (const choice of choicesFor(food, input.cook?.toC).filter((_, i) => i % of === at)) {
    const asked = choice === own ? input : offered(input, choice);
    ways.push(...wayOf(asked, hours, options, choice === own, wanted));
    yield;
  }
  return bestFirst(ways);
}

function offered(input: Formulation, choice: PreparationChoice): Formulation {
  const next = withPreparation(input, choice);
  return { ...next, salt: { mode: "wanted" } };
}

/** @param standing the way as the cook has it: its strength is not touched */
function wayOf(
  input: Formulation,
  hours: number,
  options: WaysOptions,
  standing: boolean,
  wanted: number,
): Way[] {
  const timed = hoursFor(input, hours, options);
  if (!timed) return [];
  const solved = standing ? timed : strengthened(timed, options);
  // Its band is read a little before and after: nothing else of the run is.
  const weighed = weighOut(solved.input, options);
  if (!weighed.ok) return [];
  const at = solved.input.pullH;
  const { quick, slow } = spreadOf(solved.input, weighed.value.load);
  const sheet = formulate(solved.input, {
    ...options,
    readAtH: [at / slow, at, at / quick],
    fieldCells: fewCells(soakProblem(solved.input, weighed.value.load), at),
  });
  if (!sheet.ok) return [];
  const outcome = outcomeAt(sheet.value, solved.input.pullH, solved.input.portions);
  return [judged(solved, sheet.value, outcome, wanted)];
}

interface Solved {
  input: Formulation;
  short?: Way["short"];
}

/** As long as there is, and no longer than it keeps; a bake by its own sum, a cure until it has what is wanted. */
function hoursFor(input: Formulation, hours: number, options: WaysOptions): Solved | undefined {
  const weighed = weighOut(input, options);
  if (!weighed.ok) return undefined;
  const { bake, keep } = weighed.value.load;
  if (bake) return { input: { ...input, pullH: bake.likelyH } };
  const most = OF_ITS_LIMIT * keep.hours;
  if (input.preparation.kind === "cure") {
    const answer = solveThird(input, "hours", { ...options, nearly: true });
    const needed = answer.ok ? answer.input.pullH : most;
    return needed > Math.min(hours, most)
      ? cut(input, Math.min(hours, most), most)
      : { input: { ...input, pullH: needed } };
  }
  return hours > most ? cut(input, most, most) : { input: { ...input, pullH: hours } };
}

const cut = (input: Formulation, hours: number, most: number): Solved => ({
  input: { ...input, pullH: Math.max(RAIL_FROM_H, hours) },
  ...(hours >= most && { short: "keeps_no_longer" as const }),
});

/** The strength or dose that brings what is wanted in these hours, or the most that is offered. */
function strengthened(timed: Solved, { rateFactor }: WaysOptions): Solved {
  const { strongest } = described(timed.input.preparation);
  if (strongest === undefined) return timed;
  const answer = solveThird(timed.input, "strength", { rateFactor, strongest, nearly: true });
  if (answer.ok) return { ...timed, input: answer.input };
  if (answer.why !== "too_slow" || !answer.nearest) return timed;
  return { input: answer.nearest.input, short: timed.short ?? "too_slow" };
}

function judged({ input, short }: Solved, sheet: Formulated, outcome: Outcome, wanted: number): Way {
  const salt = fleshSaltAt(sheet, outcome, input.pullH);
  const verdict = verdictOf(salt.fraction, wanted);
  const { evenness } = outcome;
  const outside = evenness < OUTSIDE_ONLY ? ("outside_only" as const) : undefined;
  const told =
    verdict === "asWanted" ? outside : (short ?? (salt.fraction < wanted ? "too_slow" : "too_much"));
  return {
    choice: choiceOf(input.preparation),
    input,
    hours: input.pullH,
    salt,
    wanted,
    verdict,
    evenness,
    profile: profileOf(sheet, outcome),
    ...(told && { short: told }),
    cost: {
      tubMl: sheet.liquidMl,
      lostSaltG: Math.max(0, outcome.ledger.totalG - outcome.ledger.eatenG),
      sodiumMgPerPortion: outcome.ledger.sodiumMgPerPortion,
      handsMin: handsToTheHeat(input, sheet),
      surface: surfaceOf(input),
    },
  };
}

const PROFILE_POINTS = 8;

function profileOf(sheet: Formulated, { moment, meanFraction }: Outcome): number[] {
  // What is put into the flesh knows no depth.
  if (sheet.contact.kind === "within") return Array.from({ length: PROFILE_POINTS }, () => meanFraction);
  return Array.from({ length: PROFILE_POINTS }, (_, i) =>
    shareOfFinishedFlesh(
      perWaterAt(sheet.soak.run.grid, moment, 1 - i / (PROFILE_POINTS - 1)),
      sheet.soaked.waterFraction,
    ),
  );
}

function surfaceOf(input: Formulation): WayCost["surface"] {
  switch (input.preparation.kind) {
    case "saltCrust":
      return "baked";
    case "dryBrine":
      return input.holding.covered ? "wet" : "dry";
    case "rub":
    case "paste":
      return "coated";
    default:
      return "wet";
  }
}
