import { bodyShapeOf } from "../../diffusion/piece-form";
import type { Formulation, Holding, Pieces, Preparation, SaltGiven } from "../../formulation";
import { isSeafood, isWhole } from "../../materials/facts";
import type { Food } from "../../materials/types";
import { PREPARATIONS, type PreparationChoice } from "../../preparations";
import { capital } from "../../quantity/said";
import { pieceSize } from "../../vessel/piece-size";

/** Salt wanted in the flesh when the cook has not said. *Practice*: the middle of "seasoned". */
export const USUAL_WANTED = 0.014;
/** The table's path over its thickness above which one face is taken to be blocked. */
const ONE_FACE_PATH_SHARE = 0.75;

/** A piece wider than this many thicknesses salts through its faces alone: its sides no longer count. */
const FLAT_FROM = 6;

/** A cut piece salts through its sides as well; a whole one is closed there by its skin and bone. */
function hasSides(food: Food): boolean {
  if (isWhole(food.form)) return false;
  return pieceSize("slab", food.pieceMassG, food.thicknessMm).widthMm < FLAT_FROM * food.thicknessMm;
}

/** The pieces the table suggests for a food; every figure is an offer. */
export function piecesOffered(food: Food, count = 1): Pieces {
  const flat = bodyShapeOf(food);
  const oneFace = flat === "slab" && food.saltPathMm / food.thicknessMm > ONE_FACE_PATH_SHARE;
  return {
    count,
    totalMassG: food.pieceMassG * count,
    shape:
      isWhole(food.form) && isSeafood(food) ? "oval" : flat === "slab" && hasSides(food) ? "block" : flat,
    thicknessMm: food.thicknessMm,
    bone: food.boneFraction > 0.05,
    skin: food.skin,
    faces: oneFace ? "one" : "both",
    slashDepthMm: 0,
    slashSpacingMm: 25,
    enhanced: null,
  };
}

/** The salt follows from what is wanted. */
export const AS_WANTED = { mode: "wanted" } as const satisfies SaltGiven;

export const EQUILIBRIUM = PREPARATIONS.equilibrium.offered(USUAL_WANTED);

/** A preparation's usual starting figures, keeping the wanted salt. */
export const preparationOffered = (choice: PreparationChoice, targetFraction: number): Preparation =>
  PREPARATIONS[choice].offered(targetFraction);

/** Small pieces are cooked by the handful, a joint or a whole bird alone. *Practice*. */
const A_HANDFUL = 4;
const ALONE_FROM_G = 700;
export const countOffered = (food: Pick<Food, "pieceMassG">): number =>
  food.pieceMassG >= ALONE_FROM_G ? 1 : A_HANDFUL;

/** How cold a place is, where nobody measured it, °C: a fridge, a cooler with ice about the food, a room. *Practice*. */
export const HELD_C: Record<Holding["place"], number> = { fridge: 3, cooler: 2, counter: 20 };

/** What a formula is called until the cook names it. */
export const nameOffered = (food: Pick<Food, "name">, choice: PreparationChoice): string =>
  capital(`${food.name.split(",")[0]} ${PREPARATIONS[choice].words.noun}`);

/** Portions of it as it is bought, each between a light and a hearty one; at least one. */
export function portionsOffered(food: Food, pieces: Pick<Pieces, "totalMassG">): number {
  const eachG = (food.servingLightG + food.servingHeartyG) / 2;
  return Math.max(1, Math.round(pieces.totalMassG / eachG));
}

/** An empty Bench: a small brine the cook changes. */
export function newFormulation(food: Food): Formulation {
  const pieces = piecesOffered(food, countOffered(food));
  return {
    name: nameOffered(food, "equilibrium"),
    notes: "",
    foodId: food.id,
    pieces,
    saltId: "sea_fine",
    salt: AS_WANTED,
    preparation: EQUILIBRIUM,
    water: { mode: "toCover" },
    vessel: {
      shape: "cylinder",
      lengthMm: 260,
      widthMm: 260,
      heightMm: 150,
      material: "food_plastic",
      plate: true,
    },
    sugarPerSalt: 0,
    sugarId: "sugar_brown_light",
    lines: [],
    holding: {
      place: "fridge",
      temperatureC: HELD_C.fridge,
      brineStartC: 3,
      before: "patDry",
      covered: true,
    },
    readiness: "seasoned",
    pullH: 24,
    portions: portionsOffered(food, pieces),
  };
}
