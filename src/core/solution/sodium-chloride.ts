import { interpolate } from "../interpolate";

/**
 * Sodium chloride in water at 20 °C.
 * Sources, all recalled from memory: density, International Critical Tables / Perry; freezing point, CRC Handbook
 * "Concentrative properties of aqueous solutions"; solubility, CRC Handbook.
 */

/** Grams of sodium in a gram of sodium chloride: 22.990 / 58.443 (atomic masses). */
export const SODIUM_PER_SALT = 0.3934;

/** Salt fraction at 100 ° salometer, by definition: saturated at 60 °F. */
export const SALOMETER_FULL_FRACTION = 0.26395;

/** Density of pure water at 20 °C, g/mL (CRC Handbook). */
export const WATER_DENSITY_G_PER_ML = 0.99823;

const DENSITY_PCT = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20, 22, 24, 26];
const DENSITY_G_PER_ML = [
  0.99823, 1.00534, 1.01246, 1.01961, 1.0268, 1.034, 1.0413, 1.0486, 1.05589, 1.0633, 1.07068, 1.08566,
  1.10085, 1.11621, 1.1319, 1.14779, 1.164, 1.1804, 1.19717,
];

const FREEZING_PCT = [0, 0.5, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20, 22, 23.3];
const FREEZING_C = [
  0, -0.3, -0.59, -1.19, -1.79, -2.41, -3.05, -3.7, -4.38, -5.08, -5.81, -6.56, -8.18, -9.94, -11.89, -14.04,
  -16.46, -19.18, -21.1,
];

const SOLUBILITY_C = [-21.1, 0, 10, 20, 25, 30, 40, 50, 60, 70, 80, 90, 100];
const SOLUBILITY_FRACTION = [
  0.233, 0.2628, 0.2632, 0.2641, 0.2645, 0.2656, 0.2671, 0.2684, 0.2703, 0.2725, 0.275, 0.2777, 0.2805,
];

/**
 * Density of brine at 20 °C.
 * @param saltFraction salt over solution, mass fraction, 0 to 0.264
 * @returns g/mL
 */
export function brineDensityGPerMl(saltFraction: number): number {
  return interpolate(DENSITY_PCT, DENSITY_G_PER_ML, saltFraction * 100);
}

/** Freezing point of brine, °C; past the eutectic (23.3 %, −21.1 °C) the eutectic temperature holds. */
export function brineFreezingPointC(saltFraction: number): number {
  return interpolate(FREEZING_PCT, FREEZING_C, saltFraction * 100);
}

/** The most salt the solution can hold, mass fraction of solution, at −21 to 100 °C. */
export function saturationFraction(temperatureC: number): number {
  return interpolate(SOLUBILITY_C, SOLUBILITY_FRACTION, temperatureC);
}

/** Salt per water (g/g) from salt over solution. */
export const saltPerWater = (saltFraction: number): number => saltFraction / (1 - saltFraction);

/** Salt over solution from salt per water (g/g). */
export const saltFractionFromPerWater = (perWater: number): number => perWater / (1 + perWater);

/** Degrees salometer; 100 ° is saturated at 60 °F. */
export const salometerDegrees = (saltFraction: number): number =>
  (saltFraction / SALOMETER_FULL_FRACTION) * 100;

/** Salt fraction from degrees salometer. */
export const saltFractionFromSalometer = (degrees: number): number =>
  (degrees / 100) * SALOMETER_FULL_FRACTION;

/** Specific gravity 20/20 from salt fraction. */
export const specificGravity = (saltFraction: number): number =>
  brineDensityGPerMl(saltFraction) / WATER_DENSITY_G_PER_ML;

/** Degrees Baumé (liquids heavier than water): 145 − 145 / SG. */
export const baumeDegrees = (gravity: number): number => 145 - 145 / gravity;

/** Salt fraction from specific gravity 20/20, 1 to 1.199: the density table read backwards. */
export function saltFractionFromSpecificGravity(gravity: number): number {
  return interpolate(DENSITY_G_PER_ML, DENSITY_PCT, gravity * WATER_DENSITY_G_PER_ML) / 100;
}

/** Every wording of one brine strength. */
export interface BrineStrength {
  saltFraction: number;
  densityGPerMl: number;
  /** g salt per 100 mL of brine. */
  percentWeightPerVolume: number;
  gPerLitreBrine: number;
  /** g salt to each litre of water at 20 °C. */
  gPerLitreWater: number;
  gPer100gWater: number;
  salometerDegrees: number;
  specificGravity: number;
  baumeDegrees: number;
  freezingPointC: number;
}

/** @param saltFraction salt over solution, mass fraction, 0 to 0.264 */
export function brineStrength(saltFraction: number): BrineStrength {
  const densityGPerMl = brineDensityGPerMl(saltFraction);
  const gravity = specificGravity(saltFraction);
  const perWater = saltPerWater(saltFraction);
  return {
    saltFraction,
    densityGPerMl,
    percentWeightPerVolume: saltFraction * densityGPerMl * 100,
    gPerLitreBrine: saltFraction * densityGPerMl * 1000,
    gPerLitreWater: perWater * WATER_DENSITY_G_PER_ML * 1000,
    gPer100gWater: perWater * 100,
    salometerDegrees: salometerDegrees(saltFraction),
    specificGravity: gravity,
    baumeDegrees: baumeDegrees(gravity),
    freezingPointC: brineFreezingPointC(saltFraction),
  };
}
