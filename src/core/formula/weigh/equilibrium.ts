import { SODIUM_PER_SALT } from "../../solution/sodium-chloride";

/** What a percentage of salt in the flesh is a percentage of. */
export type TargetBasis = "finishedFlesh" | "originalFlesh";

/**
 * Salt per gram of flesh water that makes a wanted share of salt in the flesh.
 * Finished flesh: c = x·w / (1 + x·w). Original flesh: c = x·w. Model: salt lives in the water alone.
 * @param target wanted salt, mass fraction, 0 ≤ target < 1
 * @param waterFraction water in the flesh, mass fraction, > 0
 */
export function perWaterForTarget(target: number, waterFraction: number, basis: TargetBasis): number {
  return basis === "originalFlesh" ? target / waterFraction : target / (1 - target) / waterFraction;
}

/** Salt as a share of finished flesh from salt per gram of flesh water: x·w / (1 + x·w). */
export function shareOfFinishedFlesh(perWater: number, waterFraction: number): number {
  return (perWater * waterFraction) / (1 + perWater * waterFraction);
}

export interface Flesh {
  /** Edible flesh that takes salt, g. */
  massG: number;
  waterFraction: number;
  /** Salt it already holds, mass fraction. */
  nativeSaltFraction: number;
}

/**
 * Salt to add so that bath and flesh water end at one salt per water (water-phase convention).
 * Model: mass balance without net water movement.
 * @returns g of sodium chloride; negative when the flesh already holds more than the target
 */
export function saltForWaterPhase(flesh: Flesh, waterG: number, target: number, basis: TargetBasis): number {
  const x = perWaterForTarget(target, flesh.waterFraction, basis);
  return x * (flesh.massG * flesh.waterFraction + waterG) - flesh.massG * flesh.nativeSaltFraction;
}

export interface WholeMassTargets {
  salt: number;
  sugar?: number;
  heldSugarG?: number;
  /** Percent of everything, the salt and sugar themselves included, instead of percent of food + water. */
  ofEverything?: boolean;
}

/**
 * Salt and sugar to add by the usual kitchen formula, target × (food + water) (whole-mass convention, *practice*).
 * @returns g of each; negative when the food already holds more than the target
 */
export function additionsForWholeMass(flesh: Flesh, waterG: number, targets: WholeMassTargets) {
  const { salt, sugar = 0, heldSugarG = 0 } = targets;
  const heldSaltG = flesh.massG * flesh.nativeSaltFraction;
  const mixedG = flesh.massG + waterG;
  const wholeG = targets.ofEverything ? (mixedG - heldSaltG - heldSugarG) / (1 - salt - sugar) : mixedG;
  return { saltG: salt * wholeG - heldSaltG, sugarG: sugar * wholeG - heldSugarG };
}

/**
 * Where a given addition of salt ends when bath and flesh have fully evened out.
 * @returns salt per gram of water, g/g
 */
export function equilibriumPerWater(flesh: Flesh, waterG: number, saltAddedG: number): number {
  return (saltAddedG + flesh.massG * flesh.nativeSaltFraction) / (flesh.massG * flesh.waterFraction + waterG);
}

/** Milligrams of sodium in a mass of salt. @param saltG sodium chloride, g */
export const sodiumMg = (saltG: number): number => saltG * SODIUM_PER_SALT * 1000;

/**
 * Brine injected into the flesh: what it makes of the food. Leaking brine leaves at its own strength.
 * @param pickup brine pumped in over green weight, mass fraction
 * @param retained share of the pumped brine that stays, 0 to 1
 */
export function injectedFlesh(
  massG: number,
  nativeSaltFraction: number,
  pickup: number,
  brineSaltFraction: number,
  retained = 1,
): { finalMassG: number; saltFraction: number; heldBrineG: number } {
  const heldBrineG = massG * pickup * retained;
  const finalMassG = massG + heldBrineG;
  const saltG = massG * nativeSaltFraction + heldBrineG * brineSaltFraction;
  return { finalMassG, saltFraction: saltG / finalMassG, heldBrineG };
}

/** Brine strength that brings injected flesh to a wanted salt share of its final mass. */
export function injectionBrine(massG: number, nativeSaltFraction: number, pickup: number, target: number) {
  const brineG = massG * pickup;
  const saltG = target * (massG + brineG) - massG * nativeSaltFraction;
  return { brineG, saltG, waterG: brineG - saltG, saltFraction: saltG / brineG };
}
