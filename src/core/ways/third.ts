import { lotsOf } from "../formula/soak/lots";
import { momentAt } from "../diffusion/moment";
import { simulateSoak } from "../diffusion/simulate";
import { outcomeAt } from "../formula/account/outcome";
import { formulate, weighOut, type Formulated } from "../formula/formulate";
import { RANGES } from "../quantity/ranges";
import { rinseStage } from "../formula/soak/plate";
import { startOf, reducedProblem, soakProblem, type SoakProblem } from "../formula/soak/soak-problem";
import { HOUR_S, RAIL_FROM_H, RAIL_TO_H } from "../formula/soak/window";
import { perWaterForTarget, shareOfFinishedFlesh } from "../formula/weigh/equilibrium";
import type { Formulation } from "../formulation";
import { rinseMinOf } from "../preparations";
import { assertNever } from "../result";
import { rootBetween } from "../root-between";
import { saltPerWater, saturationFraction } from "../solution/sodium-chloride";
import { lastOf } from "../sequence";

/**
 * Salt wanted in the flesh, hours, and how strong (a brine's strength, or the dose by the weight of the meat): two are
 * the cook's, the third follows.
 */
export type Third = "salt" | "hours" | "strength";

export type ThirdAnswer =
  | { ok: true; input: Formulation }
  | {
      ok: false;
      why: "too_slow" | "too_much_already" | "not_within" | "nothing_to_solve" | "refused";
      /** The nearest that can be had, and the salt it brings; share of finished flesh. */
      nearest?: { input: Formulation; fraction: number };
    };

export interface ThirdOptions {
  rateFactor?: number | undefined;
  /** The strongest that is still offered: salt over solution, or dose over the meat. */
  strongest?: number;
  /**
   * Nearly: hours are read between few moments, and a strength that was corrected once is not tried again. For who works the
   * whole sheet out anyway, and shows one decimal.
   */
  nearly?: boolean;
}

/** How near is near enough, relative. */
const CLOSE = 2e-4;
const ROUNDS = 8;
/** While a strength is being sought a coarser run does: it lies within a thousandth of the fine one. */
const TRIAL = { cells: 60, stepTolerance: 5e-5 };
/** As coarsely a field may be cut where one decimal is shown, and salt has gone so far in: root of D t over the half thickness. */
const FEW_CELLS = 9;
const FAR_IN = 0.12;

/** How finely a field is cut at most where one decimal is shown; undefined where salt still lies in the outside. */
export function fewCells(problem: SoakProblem, hours: number): number | undefined {
  const { body, diffusivityM2PerS } = problem;
  const reach = Math.sqrt(diffusivityM2PerS * hours * HOUR_S) / body.halfThicknessM;
  return reach < FAR_IN ? undefined : FEW_CELLS;
}

/** From ten minutes to the end of the rail, each a third more than the one before. */
const FEW_HOURS = Array.from({ length: 24 }, (_, i) => Math.min(RAIL_TO_H, RAIL_FROM_H * (4 / 3) ** i));
const SHORTEST_H = 1 / 60;
const WEAKEST = 0.002;
/** More salt by the weight of the meat than anyone puts on to eat. *Practice*. */
const LARGEST_DOSE = 0.06;

/** The formulation with its third figure solved for the other two. @param which the one that follows */
export function solveThird(input: Formulation, which: Third, options: ThirdOptions = {}): ThirdAnswer {
  switch (which) {
    case "salt":
      return saltThatComes(input, options);
    case "hours":
      return hoursNeeded(input, options);
    case "strength":
      return strengthNeeded(input, options);
    default:
      return assertNever(which);
  }
}

interface Tried {
  input: Formulation;
  fraction: number;
}

/**
 * Salt in the flesh when it goes to the heat, by one run that goes no further than it must.
 * @param roughly by the nearest body of one direction: quick, and off by much the same at every strength
 */
function tried(input: Formulation, { rateFactor, nearly }: ThirdOptions, roughly = false): Tried | undefined {
  const weighed = weighOut(input, { rateFactor });
  if (!weighed.ok) return undefined;
  const { load } = weighed.value;
  const whole = soakProblem(input, load);
  const fieldCells = nearly ? fewCells(whole, input.pullH) : undefined;
  if (lotsOf(input).others.length > 0) return triedWhole(input, rateFactor, fieldCells);
  const problem = roughly ? reducedProblem(whole) : whole;
  const rinseMin = rinseMinOf(input);
  const rinse = rinseMin === undefined ? [] : [rinseStage(problem, rinseMin)];
  const soak = { ...problem.stage, durationS: Math.max(input.pullH, SHORTEST_H) * HOUR_S };
  const ran = simulateSoak(problem.body, [soak, ...rinse], {
    ...TRIAL,
    fieldCells,
    initialPerWater: startOf(problem),
  });
  if (!ran.ok) return undefined;
  const end = lastOf(ran.value.moments);
  return { input, fraction: shareOfFinishedFlesh(end.mean, load.flesh.waterFraction) };
}

/** Pieces of other sizes share the bath: the whole sheet knows of them. */
function triedWhole(
  input: Formulation,
  rateFactor: number | undefined,
  fieldCells: number | undefined,
): Tried | undefined {
  const sheet = formulate(input, { rateFactor, fieldCells, readAtH: [Math.max(input.pullH, SHORTEST_H)] });
  if (!sheet.ok) return undefined;
  return { input, fraction: outcomeAt(sheet.value, input.pullH, input.portions).toHeat.meanFraction };
}

/** What is wanted becomes what will be. */
function saltThatComes(input: Formulation, options: ThirdOptions): ThirdAnswer {
  const now = tried(input, options);
  if (!now) return { ok: false, why: "refused" };
  const { min, max } = RANGES.targetPercent;
  const targetFraction = Math.min(max / 100, Math.max(min / 100, Number(now.fraction.toFixed(4))));
  return { ok: true, input: { ...input, preparation: { ...input.preparation, targetFraction } } };
}

/** The hour at which the flesh holds what is wanted; where it only ever comes near, the hour at which it is seasoned. */
function hoursNeeded(input: Formulation, options: ThirdOptions): ThirdAnswer {
  const readAtH = options.nearly ? FEW_HOURS : undefined;
  const sheet = formulate(input, { rateFactor: options.rateFactor, ...(readAtH && { readAtH }) });
  if (!sheet.ok) return { ok: false, why: "refused" };
  const { soak, soaked, load } = sheet.value;
  if (load.bake) return at(input, load.bake.likelyH);
  const aim = perWaterForTarget(input.preparation.targetFraction, soaked.waterFraction, "finishedFlesh");
  const over = soak.run.moments.find((m) => m.mean >= aim * (1 - CLOSE));
  const unrinsed = over && load.excess ? reachedAt(sheet.value, aim) : undefined;
  const exact = unrinsed !== undefined && rinses(input) ? rinsedAt(input, unrinsed, options) : unrinsed;
  const hours = exact ?? soak.window.ready.likely;
  if (hours !== undefined && hours <= RAIL_TO_H) return at(input, hours);
  const last = lastOf(soak.run.moments);
  return {
    ok: false,
    why: "not_within",
    nearest: {
      input: { ...input, pullH: RAIL_TO_H },
      fraction: shareOfFinishedFlesh(last.mean, soaked.waterFraction),
    },
  };
}

const at = (input: Formulation, hours: number): ThirdAnswer => ({
  ok: true,
  input: { ...input, pullH: Math.max(RAIL_FROM_H, hours) },
});

const rinses = (input: Formulation): boolean => rinseMinOf(input) !== undefined;

/** A rinse takes some of it away again: the hour at which what is wanted is left after it. */
function rinsedAt(input: Formulation, fromH: number, options: ThirdOptions): number | undefined {
  const target = input.preparation.targetFraction;
  // Salt goes in as the root of time, very nearly.
  const over = (rootH: number) =>
    (tried({ ...input, pullH: rootH ** 2 }, options)?.fraction ?? NaN) / target - 1;
  const [from, to] = [Math.sqrt(fromH), Math.sqrt(RAIL_TO_H)];
  if (!(over(to) >= 0)) return undefined;
  return rootBetween(over, from, to, { closeTo0: CLOSE, relative: CLOSE }) ** 2;
}

/** The hour of a mean, found between the recorded moments. */
function reachedAt({ soak }: Formulated, mean: number): number | undefined {
  const { moments } = soak.run;
  const at = moments.findIndex((m) => m.mean >= mean);
  const [before, after] = [moments[at - 1], moments[at]];
  if (!before || !after) return after && 0;
  const over = (timeS: number) => momentAt(soak.run, timeS).mean - mean;
  return rootBetween(over, before.timeS, after.timeS) / HOUR_S;
}

/** The strength, or the dose, that brings what is wanted in the hours there are. */
function strengthNeeded(input: Formulation, options: ThirdOptions): ThirdAnswer {
  const lever = leverOf(input, options);
  if (!lever) return { ok: false, why: "nothing_to_solve" };
  const target = input.preparation.targetFraction;
  let aim = target;
  let best: ThirdAnswer = { ok: false, why: "refused" };
  for (let i = 0; i < ROUNDS; i++) {
    const rough = roughStrength(lever, aim, options);
    if (!rough) return { ok: false, why: "refused" };
    if (options.nearly && i > 0 && !rough.end) return { ok: true, input: rough.input };
    const now = tried(rough.input, options);
    if (!now) return { ok: false, why: "refused" };
    const off = now.fraction / target - 1;
    if (Math.abs(off) < CLOSE) return { ok: true, input: now.input };
    if (rough.end === "most" && off < 0) return { ok: false, why: "too_slow", nearest: now };
    if (rough.end === "least" && off > 0) return { ok: false, why: "too_much_already", nearest: now };
    best = { ok: true, input: now.input };
    // What the quick body is off by hardly changes from one strength to the next.
    aim = (target * rough.fraction) / now.fraction;
  }
  return best;
}

interface RoughStrength extends Tried {
  /** It stopped at the end of what is offered. */
  end?: "most" | "least";
}

/** By the quick body: salt in the flesh is very nearly in proportion to what is outside, a chord is close at once. */
function roughStrength(lever: Lever, aim: number, options: ThirdOptions): RoughStrength | undefined {
  const over = (x: number) => tried(lever.with(x), options, true);
  const strong = over(lever.most);
  if (!strong) return undefined;
  if (strong.fraction <= aim) return { ...strong, end: "most" };
  const weak = over(lever.least);
  if (!weak) return undefined;
  if (weak.fraction >= aim) return { ...weak, end: "least" };
  let best: Tried | undefined = strong;
  rootBetween(
    (x) => {
      best = over(x);
      return (best?.fraction ?? NaN) - aim;
    },
    lever.least,
    lever.most,
    { closeTo0: (aim * (options.nearly ? 10 * CLOSE : CLOSE)) / 4, relative: 1e-6 },
  );
  return best;
}

interface Lever {
  least: number;
  most: number;
  /** @param x salt per water of a brine, or the dose as a share of the meat */
  with: (x: number) => Formulation;
}

/** What is turned to bring more or less salt; undefined where nothing is dosed, as in a crust. */
function leverOf(input: Formulation, { strongest }: ThirdOptions): Lever | undefined {
  const { preparation: p, holding } = input;
  if (p.kind === "wetBrine") {
    if (p.school === "equilibrium") return undefined;
    const most = Math.min(strongest ?? 1, saturationFraction(holding.temperatureC));
    return {
      least: saltPerWater(WEAKEST),
      most: saltPerWater(most),
      with: (x) => ({
        ...input,
        salt: { mode: "wanted" },
        preparation: { ...p, strength: { basis: "percent", saltFraction: x / (1 + x) } },
      }),
    };
  }
  if (p.kind === "saltCrust") return undefined;
  if (p.kind === "cure")
    return {
      least: RANGES.dosePercent.min / 100,
      most: RANGES.dosePercent.max / 100,
      with: (x) => ({ ...input, salt: { mode: "wanted" }, preparation: { ...p, doseFraction: x } }),
    };
  return {
    least: 0,
    most: strongest ?? LARGEST_DOSE,
    with: (x) => ({ ...input, salt: { mode: "percent", fraction: x } }),
  };
}
