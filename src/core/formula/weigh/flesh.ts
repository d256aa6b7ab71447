import type { Enhanced, Pieces } from "../../formulation";
import type { Food } from "../../materials/types";
import { SODIUM_PER_SALT } from "../../solution/sodium-chloride";
import type { Flesh } from "./equilibrium";

/** Bone in a piece whose table row is boneless, share of weight. *Practice*. */
const USUAL_BONE_FRACTION = 0.18;

/** Share of the weight on the scale that is edible flesh, from the table and whether the bone is in. */
export function edibleFraction(food: Pick<Food, "edibleFraction" | "boneFraction">, boneIn: boolean): number {
  const tableHasBone = food.boneFraction > 0.05;
  if (boneIn === tableHasBone) return food.edibleFraction;
  return boneIn
    ? food.edibleFraction * (1 - USUAL_BONE_FRACTION)
    : Math.min(1, food.edibleFraction / (1 - food.boneFraction));
}

/** Salt that a label's sodium stands for, mass fraction. @param mgPer100g sodium, mg/100 g */
export const saltFromLabelSodium = (mgPer100g: number): number => mgPer100g / 1000 / SODIUM_PER_SALT / 100;

/** The flesh that takes salt: its mass, water and the salt it already holds. */
export function fleshOf(food: Food, pieces: Pieces): Flesh {
  const massG = pieces.totalMassG * edibleFraction(food, pieces.bone);
  return { massG, ...composition(food, pieces.enhanced) };
}

function composition(food: Food, enhanced: Enhanced | null) {
  if (!enhanced) return { waterFraction: food.waterFraction, nativeSaltFraction: food.nativeSaltFraction };
  const own = 1 - enhanced.solutionFraction;
  return {
    waterFraction: food.waterFraction * own + enhanced.solutionFraction,
    nativeSaltFraction: saltFromLabelSodium(enhanced.sodiumMgPer100g),
  };
}

/** A likely thickness for another weight of the same kind: sizes grow with the cube root of mass. */
export function likelyThicknessMm(food: Food, pieceMassG: number): number {
  return food.thicknessMm * Math.cbrt(pieceMassG / food.pieceMassG);
}
