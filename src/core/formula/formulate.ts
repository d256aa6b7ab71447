import type { SoakError } from "../diffusion/stages";
import { findFood, findSalt } from "../materials/lookup";
import type { Food, Salt } from "../materials/types";
import { VOLUME_ML } from "../quantity/units";
import { err, ok, type Result } from "../result";
import { cupBrine } from "../solution/cup-brine";
import {
  brineDensityGPerMl,
  brineStrength,
  saltFractionFromPerWater,
  WATER_DENSITY_G_PER_ML,
  type BrineStrength,
} from "../solution/sodium-chloride";
import { fitPieces, liquidLevel, liquidToCoverMl, type LiquidLevel, type VesselFit } from "../vessel/fit";
import { pieceSize, type PieceSize } from "../vessel/piece-size";
import {
  additionsForWholeMass,
  equilibriumPerWater,
  perWaterForTarget,
  saltForWaterPhase,
  shareOfFinishedFlesh,
  type Flesh,
} from "./equilibrium";
import { fleshOf } from "./flesh";
import { aromaticLines, ingredientLine, saltLine, type SheetLine } from "./lines";
import type { Formulation, Preparation } from "./model";
import { thicknessProblem, type ThicknessProblem } from "./plausible";
import { computeSoak, type Soak, type SoakLoad } from "./soak";

export type FormulationError =
  | { code: "unknown_food"; id: string }
  | { code: "unknown_salt"; id: string }
  | { code: "salt_without_nacl"; name: string }
  | { code: "already_salty"; heldFraction: number; targetFraction: number }
  | { code: "no_room_for_water"; waterG: number }
  | ThicknessProblem
  | { code: "soak"; error: SoakError };

/** The computed sheet: everything the screen and the snapshot of a batch need. */
export interface Formulated {
  food: Food;
  salt: Salt;
  flesh: Flesh;
  pieceSize: PieceSize;
  fit: VesselFit;
  level: LiquidLevel | undefined;
  lines: SheetLine[];
  /** Sodium chloride added, g. */
  naclG: number;
  waterG: number;
  sugarG: number;
  /** The brine before food goes in; undefined for a dry brine. */
  brine: BrineStrength | undefined;
  liquidMl: number;
  /** Where it would end in unlimited time: salt in finished flesh, mass fraction. */
  endFraction: number;
  /** The salt the other convention would weigh out, g; equilibrium brines only. */
  otherConventionNaclG: number | undefined;
  /** What the soak was run from, for what-ifs. */
  load: SoakLoad;
  soak: Soak;
}

/**
 * Works a formulation out: what to weigh, how strong, where the salt ends, and when it is ready.
 * Pure: the same input gives the same sheet.
 * @param options.rateFactor diffusivity here over the table's, as this kitchen's readings taught it; 0.25 to 4
 */
export function formulate(
  input: Formulation,
  options: { rateFactor?: number } = {},
): Result<Formulated, FormulationError> {
  const food = findFood(input.foodId);
  if (!food) return err({ code: "unknown_food", id: input.foodId });
  const salt = findSalt(input.saltId);
  if (!salt) return err({ code: "unknown_salt", id: input.saltId });
  if (salt.naclFraction <= 0) return err({ code: "salt_without_nacl", name: salt.name });

  const alongside = input.alongside ?? [];
  for (const size of [input.pieces, ...alongside]) {
    const thickness = thicknessProblem(food, size);
    if (thickness) return err(thickness);
  }

  const mainG = input.pieces.totalMassG;
  const allG = alongside.reduce((sum, a) => sum + a.totalMassG, mainG);
  const flesh = fleshOf(food, { ...input.pieces, totalMassG: allG });
  const { shape, totalMassG, count, thicknessMm } = input.pieces;
  const size = pieceSize(shape, totalMassG / count, thicknessMm);
  // Pieces of other sizes take their room as so many more of the main ones.
  const fit = fitPieces(input.vessel, size, Math.ceil(input.pieces.count * (allG / mainG)));
  const dose = doseFor(input, flesh, salt, fit);
  if (!dose.ok) return dose;
  const { naclG, waterG, sugarG, targetPerWater, otherConventionNaclG } = dose.value;

  const rateFactor = options.rateFactor ?? 1;
  const load: SoakLoad = {
    food,
    flesh,
    saltG: naclG,
    waterG,
    targetPerWater,
    rateFactor,
    mainShare: mainG / allG,
  };
  const soak = computeSoak(input, load);
  if (!soak.ok) return err({ code: "soak", error: soak.error });

  const wet = input.preparation.kind === "wetBrine";
  const liquidMl = wet ? liquidVolumeMl(waterG, naclG, sugarG) : 0;
  return ok({
    food,
    salt,
    flesh,
    pieceSize: size,
    fit,
    level: wet ? liquidLevel(input.vessel, fit, liquidMl) : undefined,
    lines: sheetLines(input, salt, naclG, waterG, sugarG, allG),
    naclG,
    waterG,
    sugarG,
    brine: wet ? brineStrength(saltFractionFromPerWater(naclG / waterG)) : undefined,
    liquidMl,
    endFraction: shareOfFinishedFlesh(equilibriumPerWater(flesh, waterG, naclG), flesh.waterFraction),
    otherConventionNaclG,
    load,
    soak: soak.value,
  });
}

interface Dose {
  naclG: number;
  waterG: number;
  sugarG: number;
  targetPerWater: number;
  otherConventionNaclG?: number;
}

function doseFor(
  input: Formulation,
  flesh: Flesh,
  salt: Salt,
  fit: VesselFit,
): Result<Dose, FormulationError> {
  const { preparation } = input;
  if (preparation.kind === "dryBrine") {
    const naclG = preparation.targetFraction * flesh.massG;
    const sugarG = naclG * input.sugarPerSalt;
    const targetPerWater = equilibriumPerWater(flesh, 0, naclG);
    return ok({ naclG, waterG: 0, sugarG, targetPerWater });
  }
  const heldFraction = flesh.nativeSaltFraction;
  if (preparation.targetFraction <= heldFraction)
    return err({ code: "already_salty", heldFraction, targetFraction: preparation.targetFraction });
  const targetPerWater = perWaterForTarget(preparation.targetFraction, flesh.waterFraction, "finishedFlesh");
  const saltFor = (waterG: number) => bathSalt(preparation, flesh, salt, waterG);
  const waterG =
    input.water.mode === "chosen" ? input.water.massG : waterToCoverG(fit, input.sugarPerSalt, saltFor);
  if (!(waterG > 0)) return err({ code: "no_room_for_water", waterG });
  const naclG = saltFor(waterG);
  const other = preparation.school === "equilibrium" ? otherConvention(preparation) : undefined;
  return ok({
    naclG,
    waterG,
    sugarG: naclG * input.sugarPerSalt,
    targetPerWater,
    otherConventionNaclG: other && bathSalt(other, flesh, salt, waterG),
  });
}

type WetBrine = Extract<Preparation, { kind: "wetBrine" }>;
type Equilibrium = Extract<WetBrine, { school: "equilibrium" }>;

const otherConvention = (p: Equilibrium): Equilibrium => ({
  ...p,
  convention: p.convention === "waterPhase" ? "wholeMass" : "waterPhase",
});

/** Sodium chloride for the bath, g, by the chosen school. */
function bathSalt(preparation: WetBrine, flesh: Flesh, salt: Salt, waterG: number): number {
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
function waterToCoverG(fit: VesselFit, sugarPerSalt: number, saltFor: (waterG: number) => number): number {
  const wantedMl = liquidToCoverMl(fit);
  let waterG = wantedMl * WATER_DENSITY_G_PER_ML;
  for (let i = 0; i < 8 && waterG > 0; i++) {
    const naclG = saltFor(waterG);
    waterG *= wantedMl / liquidVolumeMl(waterG, naclG, naclG * sugarPerSalt);
  }
  return waterG;
}

function sheetLines(
  input: Formulation,
  salt: Salt,
  naclG: number,
  waterG: number,
  sugarG: number,
  foodG: number,
): SheetLine[] {
  const wet = input.preparation.kind === "wetBrine";
  const timed = input.preparation.kind === "wetBrine" && input.preparation.school === "timed";
  const lines: SheetLine[] = [];
  if (wet) {
    lines.push({
      id: "water",
      name: "Water, cold",
      role: "water",
      massG: waterG,
      scalesWith: input.water.mode === "toCover" ? "vessel" : "batch",
      densityGPerMl: WATER_DENSITY_G_PER_ML,
      densityDoubt: 0,
      each: undefined,
      optional: false,
      allergens: [],
    });
  }
  lines.push(saltLine(salt, naclG, timed ? "bath" : "foodMass"));
  if (sugarG > 0) {
    const sugar = ingredientLine(input.sugarId, sugarG, "sugar", "salt", false);
    if (sugar) lines.push(sugar);
  }
  return [...lines, ...aromaticLines(input, waterG, foodG)];
}
