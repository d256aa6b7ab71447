import type { Ingredient, Salt } from "../../materials/types";
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
import {
  additionsForWholeMass,
  equilibriumPerWater,
  perWaterForTarget,
  saltForWaterPhase,
} from "../equilibrium";
import { keepLimit } from "../keep-limit";
import { ingredientLine, saltLine, waterLine, weighedLines, type SheetLine } from "../lines";
import type { Preparation } from "../model";
import type { FormulationError, PrepareContext, Prepared } from "./prepared";

type WetBrine = Extract<Preparation, { kind: "wetBrine" }>;
type Equilibrium = Extract<WetBrine, { school: "equilibrium" }>;
type DryBrine = Extract<Preparation, { kind: "dryBrine" }>;

/** Salt, water and the rest of a wet brine, by its school. */
export function prepareWetBrine(c: PrepareContext, p: WetBrine): Result<Prepared, FormulationError> {
  const { input, flesh, fit } = c;
  const heldFraction = flesh.nativeSaltFraction;
  if (p.targetFraction <= heldFraction)
    return err({ code: "already_salty", heldFraction, targetFraction: p.targetFraction });
  const saltFor = (waterG: number) => bathSalt(p, c, waterG);
  const waterG =
    input.water.mode === "chosen"
      ? input.water.massG
      : waterToCoverG(liquidToCoverMl(input.vessel, fit), input.sugarPerSalt, saltFor);
  if (!(waterG > 0)) return err({ code: "no_room_for_water", waterG });
  const solutes = soluteLines(c, saltFor(waterG), waterG, p.school === "timed" ? "bath" : "foodMass");
  const { naclG } = solutes;
  const other = p.school === "equilibrium" ? otherConvention(p) : undefined;
  const sugarG = naclG * input.sugarPerSalt;
  // Cider, stock or juice among the lines is part of the water.
  const plainWaterG = Math.max(0, waterG - solutes.waterG);
  const water = waterLine(plainWaterG, input.water.mode === "toCover" ? "vessel" : "batch");
  return ok({
    naclG,
    loadG: naclG,
    waterG,
    sugarG,
    targetPerWater: perWaterForTarget(p.targetFraction, flesh.waterFraction, "finishedFlesh"),
    contact: { kind: "bath" },
    keep: keepLimit(c.food, "wet"),
    excess: p.school === "timed",
    lines: [water, ...solutes.lines],
    liquidMl: liquidVolumeMl(waterG, naclG, sugarG),
    brine: brineStrength(saltFractionFromPerWater(naclG / waterG)),
    otherConventionNaclG: other && bathSalt(other, c, waterG),
  });
}

/** Salt straight on the food: a share of its edible weight. */
export function prepareDryBrine(c: PrepareContext, p: DryBrine): Result<Prepared, FormulationError> {
  const { naclG, lines } = soluteLines(c, p.targetFraction * c.flesh.massG, 0, "foodMass");
  return ok({
    naclG,
    loadG: naclG,
    waterG: 0,
    sugarG: naclG * c.input.sugarPerSalt,
    targetPerWater: equilibriumPerWater(c.flesh, 0, naclG),
    contact: { kind: "drySalt" },
    keep: keepLimit(c.food, "dry"),
    excess: false,
    lines,
    liquidMl: 0,
  });
}

/** Salt, sugar and the formula's own lines, and what those lines bring of salt and water. */
export interface Solutes {
  lines: SheetLine[];
  /** Sodium chloride in all, g: the wanted amount, or more where the lines alone bring more. */
  naclG: number;
  /** Water that comes with the lines, g. */
  waterG: number;
}

/** Salt to a wanted amount, less what hides in the other lines (soy, stock, seasoned blends). */
export function soluteLines(
  c: PrepareContext,
  wantedG: number,
  liquidMl: number,
  saltScalesWith: SheetLine["scalesWith"],
): Solutes {
  const { input, pantry, salt } = c;
  const bases = {
    foodG: c.foodG,
    surfaceDm2: c.surfaceDm2,
    liquidMl,
    saltG: wantedG / salt.naclFraction,
    pieces: input.pieces.count,
  };
  const weighed = weighedLines(input.lines, bases, pantry);
  const hiddenG = weighed.reduce((sum, { line }) => sum + line.naclG, 0);
  const naclG = Math.max(wantedG, hiddenG);
  const sugarG = naclG * input.sugarPerSalt;
  const sugar = sugarG > 0 ? pantry.ingredient(input.sugarId) : undefined;
  return {
    naclG,
    waterG: weighed.reduce(
      (sum, { line, ingredient: i }) => sum + (isLiquid(i) ? line.massG * i.waterFraction : 0),
      0,
    ),
    lines: [
      saltLine(salt, naclG - hiddenG, saltScalesWith),
      ...(sugar ? [ingredientLine(sugar, sugarG, "sugar", "salt")] : []),
      ...weighed.map(({ line }) => line),
    ],
  };
}

/** Poured, not chopped: its water is water of the bath. */
export const isLiquid = (i: Ingredient) => LIQUID_GROUPS.includes(i.group);
const LIQUID_GROUPS = ["liquid", "acid_citrus", "acid_vinegar", "acid_wine", "acid_fruit", "acid_dairy"];

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

/** Water that, once salted, just covers the food. The salt follows the water, so a few rounds settle it. */
function waterToCoverG(wantedMl: number, sugarPerSalt: number, saltFor: (waterG: number) => number): number {
  let waterG = wantedMl * WATER_DENSITY_G_PER_ML;
  for (let i = 0; i < 8 && waterG > 0; i++) {
    const naclG = saltFor(waterG);
    waterG *= wantedMl / liquidVolumeMl(waterG, naclG, naclG * sugarPerSalt);
  }
  return waterG;
}
