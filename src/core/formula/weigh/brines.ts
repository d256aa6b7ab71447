import type { Preparation } from "../../formulation";
import type { Salt } from "../../materials/types";
import type { Of } from "../../preparations/descriptor";
import { gramsText, oneDigit } from "../../quantity/said";
import { VOLUME_ML } from "../../quantity/units";
import { err, ok, type Result } from "../../result";
import { cupBrine } from "../../solution/cup-brine";
import {
  brineDensityGPerMl,
  brineStrength,
  saltFractionFromPerWater,
  WATER_DENSITY_G_PER_ML,
} from "../../solution/sodium-chloride";
import { liquidToCoverMl } from "../../vessel/fit";
import { keepLimit } from "../soak/keep-limit";
import type { Acts } from "./acts";
import {
  additionsForWholeMass,
  equilibriumPerWater,
  perWaterForTarget,
  saltForWaterPhase,
} from "./equilibrium";
import { FLESH_SIDE_SHARE, type SaltedFaces } from "./salted-faces";
import { aimPerWater, doseFor, givenOf } from "./given-salt";
import {
  apartOf,
  ingredientLine,
  joins,
  hidingIn,
  lessHidden,
  saltLine,
  waterLine,
  weighedLines,
  type Apart,
  type SheetLine,
} from "./lines";
import { basesOf, type Dose, type FormulationError, type PrepareContext, type Prepared } from "./prepared";
import * as words from "@/words/core/formula/weigh/brines";

type WetBrine = Extract<Preparation, { kind: "wetBrine" }>;
type Equilibrium = Extract<WetBrine, { school: "equilibrium" }>;
type DryBrine = Extract<Preparation, { kind: "dryBrine" }>;

/** Salt, water and the rest of a wet brine, by its school. */
export function prepareWetBrine(c: PrepareContext, p: WetBrine): Result<Prepared, FormulationError> {
  const { input, flesh, fit } = c;
  const heldFraction = flesh.nativeSaltFraction;
  const given = givenOf(c);
  if (given === undefined && p.targetFraction <= heldFraction)
    return err({ code: "already_salty", heldFraction, targetFraction: p.targetFraction });
  const saltFor = (waterG: number) => given ?? bathSalt(p, c, waterG);
  // Cider, stock, juice or syrup among the lines is water of the bath: to cover, the plain water gives way to it; an
  // amount the cook chose is weighed as chosen, and they come on top.
  const chosenG = input.water.mode === "chosen" ? input.water.massG : undefined;
  const solutesIn = (waterG: number) =>
    soluteLines(c, saltFor(waterG), chosenG ?? waterG, p.school === "timed" ? "bath" : "foodMass");
  const waterG =
    chosenG === undefined
      ? waterToCoverG(liquidToCoverMl(input.vessel, fit), solutesIn)
      : waterWithLinesG(chosenG, solutesIn);
  if (!(waterG > 0)) return err({ code: "no_room_for_water", waterG });
  const solutes = solutesIn(waterG);
  const { naclG, sugarG } = solutes;
  const other = p.school === "equilibrium" && given === undefined ? otherConvention(p) : undefined;
  const water =
    chosenG === undefined
      ? waterLine(Math.max(0, waterG - solutes.waterG), "vessel")
      : waterLine(chosenG, "batch");
  const loadG = naclG;
  return ok({
    naclG,
    loadG,
    waterG,
    sugarG,
    dose: solutes.dose,
    apart: solutes.apart,
    rest: { reached: "bath", missed: "bath" },
    clings: 0,
    targetPerWater: aimPerWater(
      c,
      perWaterForTarget(p.targetFraction, flesh.waterFraction, "finishedFlesh"),
      { waterG, loadG },
    ),
    contact: { kind: "bath" },
    keep: keepLimit(c.food, "wet"),
    excess: p.school === "timed",
    lines: [water, ...solutes.lines],
    liquidMl: liquidVolumeMl(waterG, naclG, sugarG),
    liquids: { plainG: water.massG, otherG: solutes.pouredG },
    brine: brineStrength(saltFractionFromPerWater(naclG / waterG)),
    otherConventionNaclG: other && bathSalt(other, c, waterG),
  });
}

/** Salt straight on the food: a share of its edible weight. */
export function prepareDryBrine(c: PrepareContext, p: DryBrine): Result<Prepared, FormulationError> {
  const wantedG = givenOf(c) ?? doseFor(c.flesh, p.targetFraction);
  const { naclG, sugarG, lines, apart, dose } = soluteLines(c, wantedG, 0, "foodMass");
  return ok({
    naclG,
    loadG: naclG,
    waterG: 0,
    sugarG,
    dose,
    apart,
    rest: { reached: "surface", missed: "surface" },
    clings: 0,
    targetPerWater: equilibriumPerWater(c.flesh, 0, naclG),
    contact: { kind: "drySalt" },
    keep: keepLimit(c.food, "dry"),
    excess: false,
    lines,
    liquidMl: 0,
  });
}

/** Salt, sugar and the formula's own lines, and what those lines bring of salt, sugar and water. */
export interface Solutes {
  lines: SheetLine[];
  /** Sodium chloride in all that dissolves or lies on the food, g. */
  naclG: number;
  sugarG: number;
  /** Water that comes with the lines, g, and what is poured in altogether. */
  waterG: number;
  pouredG: number;
  dose: Dose;
  apart: Apart;
}

/**
 * Salt and the lines. Where the salt follows from what is wanted, what hides in the lines (soy, stock, seasoned blends)
 * is taken off it; where the cook gave it, it stands and what hides comes on top.
 */
export function soluteLines(
  c: PrepareContext,
  wantedG: number,
  liquidMl: number,
  saltScalesWith: SheetLine["scalesWith"],
): Solutes {
  const { input, pantry, salt } = c;
  const bases = basesOf(c, { liquidMl, saltG: wantedG / salt.naclFraction });
  const weighed = weighedLines(input.lines, bases, pantry);
  const mixed = weighed.filter(({ line }) => joins(line.where));
  const hiddenG = sumOf(mixed, ({ line }) => line.naclG);
  const ownG = givenOf(c) === undefined ? Math.max(0, wantedG - hiddenG) : wantedG;
  const naclG = ownG + hiddenG;
  const addedSugarG = naclG * input.sugarPerSalt;
  const sugar = addedSugarG > 0 ? pantry.ingredient(input.sugarId) : undefined;
  const sugarLine = sugar && ingredientLine(sugar, addedSugarG, "sugar", "salt");
  const owned = saltLine(salt, ownG, saltScalesWith);
  return {
    naclG,
    sugarG:
      (sugar ? addedSugarG * sugar.sugarFraction : 0) +
      sumOf(mixed, ({ line, ingredient: i }) => line.massG * i.sugarFraction),
    waterG:
      sumOf(mixed, ({ line, ingredient: i }) => (i.poured ? line.massG * i.waterFraction : 0)) +
      (sugar?.poured ? addedSugarG * sugar.waterFraction : 0),
    dose: { wantedG, hiddenG, ownG },
    pouredG: sumOf(mixed, ({ line, ingredient: i }) => (i.poured ? line.massG : 0)),
    lines: [
      lessHidden(owned, wantedG - ownG, hidingIn(mixed.map((m) => m.line))),
      ...(sugarLine ? [sugarLine] : []),
      ...weighed.map(({ line }) => line),
    ],
    apart: apartOf(weighed.map(({ line }) => line)),
  };
}

/** Chosen water and what the lines bring, g. Sugar follows the salt and the salt the water: a few rounds settle it. */
function waterWithLinesG(chosenG: number, solutesIn: (waterG: number) => Solutes): number {
  let waterG = chosenG;
  for (let i = 0; i < 8; i++) waterG = chosenG + solutesIn(waterG).waterG;
  return waterG;
}

const sumOf = <T>(all: readonly T[], of: (one: T) => number): number =>
  all.reduce((sum, one) => sum + of(one), 0);

const otherConvention = (p: Equilibrium): Equilibrium => ({
  ...p,
  convention: p.convention === "waterPhase" ? "wholeMass" : "waterPhase",
});

/** Sodium chloride for the bath, g, by the chosen school. */
function bathSalt(preparation: WetBrine, { flesh, salt }: PrepareContext, waterG: number): number {
  if (preparation.school === "timed") return waterG * timedPerWater(preparation.strength, salt);
  const target = preparation.targetFraction;
  return preparation.convention === "waterPhase"
    ? saltForWaterPhase(flesh, waterG, target, "finishedFlesh")
    : additionsForWholeMass(flesh, waterG, { salt: target }).saltG;
}

/** Salt per water of a chosen strength; cups go by this salt's own density and purity. */
export function timedPerWater(
  strength: Extract<WetBrine, { school: "timed" }>["strength"],
  salt: Pick<Salt, "densityGPerMl" | "naclFraction">,
): number {
  if (strength.basis === "percent") return strength.saltFraction / (1 - strength.saltFraction);
  const brine = cupBrine(
    strength.cups * VOLUME_ML.us_cup,
    salt.densityGPerMl * salt.naclFraction,
    VOLUME_ML[strength.per],
  );
  return brine.saltFraction / (1 - brine.saltFraction);
}

/** Dissolved sugar takes about this much room, mL per g (partial volume of sucrose, *from memory*). */
const SUGAR_ML_PER_G = 0.62;

/** Volume of brine from its parts at 20 °C: dissolved salt takes less room than dry. */
export function liquidVolumeMl(waterG: number, naclG: number, sugarG: number): number {
  const saltFraction = saltFractionFromPerWater(naclG / waterG);
  return (waterG + naclG) / brineDensityGPerMl(saltFraction) + sugarG * SUGAR_ML_PER_G;
}

/** Water that, with all that dissolves in it, just covers the food. What dissolves follows the water: a few rounds settle it. */
function waterToCoverG(wantedMl: number, solutesIn: (waterG: number) => Solutes): number {
  let waterG = wantedMl * WATER_DENSITY_G_PER_ML;
  for (let i = 0; i < 12 && waterG > 0; i++) {
    const { naclG, sugarG } = solutesIn(waterG);
    waterG *= wantedMl / liquidVolumeMl(waterG, naclG, sugarG);
  }
  return waterG;
}

export const wetBrineActs: Acts<Of<"wetBrine">> = {
  goesIn: (_, { liquidMl }) => ({
    title: words.submergeItInLBrine(oneDigit(liquidMl / 1000)),
    why: words.whatStandsOutStaysUnsalted,
    look: words.allOfItUnderA,
  }),
};

export const dryBrineActs: Acts<Of<"dryBrine">> = {
  goesIn: (_, { massG, faces }) => ({
    title: words.saltAndOntoTheRack(saltedWith(massG, faces)),
    why: words.uncoveredSoThatTheSurface,
    look: words.moreWhereItIsThick,
  }),
};

const saltedWith = (massG: number, faces: SaltedFaces): string =>
  words.theFleshSideWithG({
    faces,
    fleshG: gramsText(FLESH_SIDE_SHARE * massG),
    otherG: gramsText((1 - FLESH_SIDE_SHARE) * massG),
    massG: gramsText(massG),
  });
