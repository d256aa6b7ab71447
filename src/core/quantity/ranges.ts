import type { QuantityRule } from "./parse";
import { VOLUME_ML } from "./units";

/**
 * What each entry may be. One table for the fields of the Bench and for the server's door, so that they agree.
 * Limits are generous: past them it is a slip of the hand, not a big kitchen.
 */
export const RANGES = {
  count: { dimension: "none", min: 1, max: 500, whole: true },
  totalMassG: { dimension: "mass", min: 5, max: 200_000 },
  thicknessMm: { dimension: "length", min: 1, max: 400 },
  lengthMm: { dimension: "length", min: 5, max: 2000 },
  slashDepthMm: { dimension: "length", min: 0, max: 100 },
  slashSpacingMm: { dimension: "length", min: 5, max: 200 },
  solutionPercent: { dimension: "none", min: 0, max: 40 },
  sodiumMgPer100g: { dimension: "none", min: 0, max: 3000 },
  targetPercent: { dimension: "none", min: 0.1, max: 6 },
  givenPercent: { dimension: "none", min: 0, max: 30 },
  givenG: { dimension: "mass", min: 0, max: 50_000 },
  givenMl: { dimension: "volume", min: 0, max: 50_000 },
  pinches: { dimension: "none", min: 0, max: 50 },
  pinchG: { dimension: "mass", min: 0.05, max: 3 },
  strengthPercent: { dimension: "none", min: 0.5, max: 26 },
  /** Salt by the US cup, kept in cups; read in mL so that spoons and cups can be written. */
  cupsMl: { dimension: "volume", min: 0.05 * VOLUME_ML.us_cup, max: 10 * VOLUME_ML.us_cup },
  readingPercent: { dimension: "none", min: 0, max: 27 },
  waterG: { dimension: "mass", min: 50, max: 500_000, volumeDensityGPerMl: 1 },
  vesselMm: { dimension: "length", min: 30, max: 2000 },
  /** Share of a piece's weight that is its thinner part. */
  thinPercent: { dimension: "none", min: 5, max: 95 },
  sugarPerSalt: { dimension: "none", min: 0, max: 4 },
  lineG: { dimension: "mass", min: 0, max: 20_000 },
  parts: { dimension: "none", min: 0, max: 100 },
  mlPerKg: { dimension: "volume", min: 10, max: 3000 },
  insidePercent: { dimension: "none", min: 0, max: 80 },
  secondSaltPercent: { dimension: "none", min: 0, max: 3 },
  reservePercent: { dimension: "none", min: 5, max: 80 },
  pickupPercent: { dimension: "none", min: 2, max: 40 },
  dripPercent: { dimension: "none", min: 0, max: 60 },
  stabMm: { dimension: "length", min: 8, max: 80 },
  dosePercent: { dimension: "none", min: 0.5, max: 30 },
  crustWaterG: { dimension: "mass", min: 0, max: 20_000, volumeDensityGPerMl: 1 },
  crustWhites: { dimension: "none", min: 0, max: 200 },
  crustFoodMm: { dimension: "length", min: 20, max: 900 },
  shellMm: { dimension: "length", min: 3, max: 60 },
  marginMm: { dimension: "length", min: 0, max: 100 },
  bakeMin: { dimension: "duration", min: 1, max: 600 },
  daysRaw: { dimension: "none", min: 0, max: 14 },
  ovenC: { dimension: "temperature", min: 60, max: 320 },
  temperatureC: { dimension: "temperature", min: -3, max: 45 },
  brineStartC: { dimension: "temperature", min: -3, max: 100 },
  cookC: { dimension: "temperature", min: 30, max: 110 },
  cookMin: { dimension: "duration", min: 1, max: 1440 },
  restMin: { dimension: "duration", min: 1, max: 240 },
  /** Out of the fridge before the heat: the two hours in all that raw food may be warm. */
  temperMin: { dimension: "duration", min: 0, max: 120 },
  carveMin: { dimension: "duration", min: 1, max: 60 },
  rinseMin: { dimension: "duration", min: 1, max: 360 },
  perPan: { dimension: "none", min: 1, max: 50, whole: true },
  sharePercent: { dimension: "none", min: 1, max: 100 },
  hotC: { dimension: "temperature", min: 30, max: 100 },
  iceC: { dimension: "temperature", min: -25, max: 0 },
  chilledC: { dimension: "temperature", min: -1, max: 20 },
  iceG: { dimension: "mass", min: 0, max: 500_000 },
  /** The pull in minutes, as a field for hours reads it; 0 is no soak at all. */
  pullMin: { dimension: "duration", min: 0, max: 96 * 60 },
  pullH: { dimension: "duration", min: 0, max: 96 },
  portions: { dimension: "none", min: 1, max: 1000, whole: true },
} as const satisfies Record<string, QuantityRule>;

export const NAME_MAX = 120;
export const NOTES_MAX = 2000;
export const REASON_MAX = 500;
export const ALONGSIDE_MAX = 4;
export const LINES_MAX = 40;
export const COMPANIONS_MAX = 6;
export const STAGES_MAX = 6;
/** As many as there are probes besides the first. */
export const PARTS_MAX = 3;
