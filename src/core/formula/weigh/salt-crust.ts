import type { CrustPreparation, CrustSchool } from "../../formulation";
import { isSeafood } from "../../materials/facts";
import type { Food } from "../../materials/types";
import type { Of } from "../../preparations/descriptor";
import { VOLUME_ML } from "../../quantity/units";
import { ok, type Result } from "../../result";
import {
  BODY_SHARE,
  RULE_RATIO,
  boxShellMl,
  ellipsoidShellMl,
  type CrustFood,
  type ShellThickness,
} from "../../vessel/crust-shell";
import { bakeOf } from "../cook/bake";
import { keepLimit } from "../soak/keep-limit";
import type { Acts } from "./acts";
import { perWaterForTarget } from "./equilibrium";
import { givenOf } from "./given-salt";
import { apartOf, ingredientLine, saltLine, waterLine, weighedLines, type SheetLine } from "./lines";
import type { CrustFigures, FormulationError, PrepareContext, Prepared } from "./prepared";
import * as words from "@/words/core/formula/weigh/salt-crust";

/** Water to damp sand, share of the salt's weight: begin here, stop at the squeeze test, hardly ever past the end. *Practice*. */
const WATER_SHARES = [0.06, 0.01, 0.01, 0.01, 0.01];
/** Egg whites to a US cup of salt (*practice*), and the sparing school's number for the lot. */
const WHITES_PER_CUP = 2;
const SPARING_WHITES = 2;
/** A fish lying on its side is about so much longer than it is deep. *Practice*, estimate. */
const FISH_LENGTH_TO_DEPTH = 4;
/**
 * Flesh that would slow salt as much as scales, or a root's peel, do, mm, beyond the skin itself. *Practice*, estimates:
 * so set that the engine comes out within the practice table's uptake (`crust_salt` rows, ± 40 %).
 */
const SCALES_MM = 2;
const PEEL_MM = 10;
/** A moderate-hot oven, where none was named, °C. *Practice*: 190 to 220. */
export const CRUST_OVEN_C = 200;
/** A crust rests so long before it is opened, where nobody said. *Practice*. */
const CRUST_REST_MIN = 5;

/** Whole food buried in damp salt and baked: the crust is a vessel, and its salt follows from its geometry. */
export function prepareSaltCrust(c: PrepareContext, p: CrustPreparation): Result<Prepared, FormulationError> {
  const { input, salt } = c;
  const crust = crustFigures(c, p);
  const { count } = input.pieces;
  const saltWeighed = {
    ...saltLine(salt, crust.saltG * salt.naclFraction, "surface"),
    note: words.packedDamp,
  };
  const white = c.pantry.ingredient("egg_white");
  const liquid: SheetLine[] = [];
  if (crust.waterG > 0)
    liquid.push({
      ...waterLine(crust.waterG, "salt"),
      note: words.toTheSqueezeTest(Boolean(p.bound)),
    });
  if (crust.eggWhites > 0 && white?.gEach)
    liquid.push(
      ingredientLine(white, crust.eggWhites * white.gEach, "egg", p.school === "eggWhite" ? "salt" : "batch"),
    );
  const bases = {
    foodG: c.foodG,
    surfaceDm2: c.surfaceDm2,
    liquidMl: crust.waterG,
    saltG: crust.saltG,
    pieces: count,
  };
  const cook = input.cook;
  const bake = bakeOf(
    c.food,
    { massG: c.foodG / count, thicknessMm: crust.food.heightMm, startC: input.holding.temperatureC },
    {
      ovenC: cook?.stages?.[0].ovenC ?? cook?.ovenC ?? CRUST_OVEN_C,
      ovenOffC: input.heatHere?.ovenOffC,
      endC: cook?.toC ?? c.food.targetC,
      restMin: cook?.restMin ?? CRUST_REST_MIN,
    },
  );
  const aromatics = weighedLines(input.lines, bases, c.pantry).map((w) => w.line);
  const lines = [saltWeighed, ...liquid, ...aromatics];
  const apart = apartOf(aromatics);
  const naclG = lines.reduce((sum, l) => sum + l.naclG, 0) - apart.insideG - apart.leftG;
  return ok({
    naclG,
    loadG: naclG,
    waterG: 0,
    sugarG: 0,
    apart,
    rest: { reached: "crust", missed: "crust" },
    clings: 0,
    targetPerWater: perWaterForTarget(p.targetFraction, c.flesh.waterFraction, "finishedFlesh"),
    contact: {
      kind: "crust",
      startC: input.holding.temperatureC,
      endC: cook?.toC ?? c.food.targetC,
      bakeS: bake.likelyH * 3600,
      barrierMm: barrierMm(c.food, p.scales),
    },
    keep: keepLimit(c.food, p.school === "water" ? "crustWater" : "crustEgg"),
    excess: true,
    lines,
    liquidMl: 0,
    crust,
    bake,
  });
}

function barrierMm(food: Food, scales: CrustPreparation["scales"]): number {
  if (isSeafood(food)) return scales === "on" ? SCALES_MM : 0;
  return food.kingdom === "plant" ? PEEL_MM : 0;
}

/** Salt, liquid and tray from the geometry of the food and its cover. */
export function crustFigures(c: PrepareContext, p: CrustPreparation): CrustFigures {
  const { salt, input } = c;
  const whole = p.size ?? likelySize(c, p.form);
  const food = p.ends === "out" ? { ...whole, lengthMm: whole.lengthMm * BODY_SHARE } : whole;
  const thickness = { overMm: p.overMm, underMm: p.underMm };
  const shellMl = shellOf(p.form, food, thickness) * input.pieces.count;
  // Damp salt pressed down lies as close as the table's densest reading of it.
  const packedGPerMl = salt.densityHighGPerMl;
  const geometryG = shellMl * packedGPerMl;
  const ruleG = RULE_RATIO * c.foodG;
  const givenG = p.saltBy === "given" ? givenOf(c) : undefined;
  const saltG = givenG !== undefined ? givenG / salt.naclFraction : p.saltBy === "rule" ? ruleG : geometryG;
  const ofAPieceMl = (grams: number) => grams / packedGPerMl / input.pieces.count;
  const evenOf = (grams: number) =>
    thicknessMm(ofAPieceMl(grams), (mm) => shellOf(p.form, food, { overMm: mm, underMm: mm }));
  const overMm =
    givenG === undefined && p.saltBy !== "rule"
      ? p.overMm
      : thicknessMm(ofAPieceMl(saltG), (mm) => shellOf(p.form, food, { overMm: mm, underMm: p.underMm }));
  const waterSteps = waterFor(p, saltG);
  return {
    food: whole,
    underMm: p.underMm,
    overMm,
    estimated: p.size === null,
    shellMl,
    saltG,
    ratio: saltG / c.foodG,
    geometryG,
    ruleG,
    evenMm: evenOf(saltG),
    ruleEvenMm: evenOf(ruleG),
    packedGPerMl,
    // What is weighed out is the middle of the usual range; the steps go to its end.
    waterG: (waterSteps[0] ?? 0) + (waterSteps[1] ?? 0) + (waterSteps[2] ?? 0),
    waterSteps,
    eggWhites: p.bound?.whites ?? eggWhites(p.school, saltG, salt.densityGPerMl),
    tray: trayFor(whole, { overMm, marginMm: p.marginMm }, input.pieces.count),
    heightMm: whole.heightMm + overMm + p.underMm,
  };
}

const shellOf = (form: CrustPreparation["form"], food: CrustFood, thickness: ShellThickness): number =>
  form === "box" ? boxShellMl(food, thickness) : ellipsoidShellMl(food, thickness);

/** Thickness at which a shell takes so much, mm: the shell only grows with it, so halving finds it. */
function thicknessMm(wantedMl: number, shellAt: (mm: number) => number): number {
  let [low, high] = [0, 500];
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    if (shellAt(middle) < wantedMl) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** In steps to the squeeze test, or all of what the cook gives at once, g. */
function waterFor({ bound, school }: CrustPreparation, saltG: number): number[] {
  if (bound) return bound.waterG > 0 ? [bound.waterG] : [];
  return school === "water" ? WATER_SHARES.map((share) => share * saltG) : [];
}

function eggWhites(school: CrustSchool, saltG: number, spoonGPerMl: number): number {
  if (school === "water") return 0;
  if (school === "sparingEggWhite") return SPARING_WHITES;
  const cups = saltG / (spoonGPerMl * VOLUME_ML.us_cup);
  return Math.max(1, Math.round(WHITES_PER_CUP * cups));
}

/** Pieces lie side by side, each in its own shell, with a margin all about. */
function trayFor(food: CrustFood, p: Pick<CrustPreparation, "overMm" | "marginMm">, count: number) {
  const round = 2 * (p.overMm + p.marginMm);
  return { lengthMm: food.lengthMm + round, widthMm: count * (food.widthMm + 2 * p.overMm) + 2 * p.marginMm };
}

/** A likely outer size from weight and thickness: a fish is long and deep, a root about round; a length that was measured stays. */
function likelySize({ size, food, input }: PrepareContext, form: CrustPreparation["form"]): CrustFood {
  const { volumeMl, heightMm } = size;
  if (form === "box") return { lengthMm: size.lengthMm, widthMm: size.widthMm, heightMm };
  const acrossMm2 = (volumeMl * 1000 * 6) / (Math.PI * heightMm);
  const usualMm = Math.sqrt(acrossMm2 * (isSeafood(food) ? FISH_LENGTH_TO_DEPTH : 1));
  const lengthMm = input.pieces.lengthMm ?? usualMm;
  return { lengthMm, widthMm: acrossMm2 / lengthMm, heightMm };
}

export const saltCrustActs: Acts<Of<"saltCrust">> = {
  goesIn: (_, { lines }) => ({ title: words.intoItsCrust(lines), why: words.theCrustIsAVessel }),
};
