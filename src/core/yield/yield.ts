import type { Outcome } from "../formula/account/outcome";
import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import { interpolate } from "../interpolate";
import type { Food } from "../materials/types";

/** A figure with what it is in doubt by: about two in three lie within. */
export interface Estimate {
  likely: number;
  low: number;
  high: number;
}

/** What a soak and a cook do to the weight. Estimates, with wide bands: meat differs more than sums do. */
export interface Yield {
  /** All pieces when they are taken out, g. */
  takenOutG: Estimate;
  /** Share of that weight lost in the heat. */
  lost: Estimate;
  /** The same without any salt put on. */
  lostUnsalted: Estimate;
}

/**
 * Water that goes in with each gram of salt from a bath of so much salt, g; below nothing the bath draws water out. Whole
 * muscle swells in weak brines and shrinks in strong ones (Offer and Trinick 1983 for the swelling, and the trade's 4 to
 * 8 % gained overnight in 5 %; *from memory*).
 */
const BATH_SALT = [0, 0.06, 0.12, 0.2, 0.26];
const WATER_WITH_SALT = [4, 4, 0, -2, -2.5];
const WATER_DOUBT = 0.5;
/** The same of water that was put into the flesh: it is weighed, and what runs out again is guessed. *Practice*. */
const HELD_DOUBT = 0.2;
/** Salt laid on in plenty, as in a cure, draws this many times its own weight in the flesh. *Practice*, estimate. */
const DRAWN_BY_CURE = -2;
/** Uncovered on a rack: what a square decimetre loses on the first day, g, and how soon the face has dried, h. Estimates. */
const DRIES_G_PER_DM2 = 2.5;
const FACE_DRIES_H = 24;

/** Share of its weight that unsalted muscle loses by the end of its cook, by the middle, °C (Tornberg 2005, *from memory*). */
const MEAT = {
  toC: [40, 50, 55, 60, 65, 70, 75, 80, 90],
  lost: [0.03, 0.08, 0.12, 0.18, 0.24, 0.28, 0.31, 0.34, 0.38],
};
const FISH = { toC: [35, 45, 50, 55, 60, 70, 80], lost: [0.03, 0.08, 0.12, 0.16, 0.19, 0.23, 0.26] };
/** Salt in the flesh keeps juice: at most this share of what would be lost, half of it by 0.8 %. *From memory*, estimate. */
const KEPT_AT_MOST = 0.25;
const KEPT_SCALE = 0.012;
const LOSS_DOUBT = 0.04;

/** Meat, poultry and fish; a root or a cheese neither drinks nor weeps like that, and a crust is a world of its own. */
export function yieldOf(input: Formulation, sheet: Formulated, outcome: Outcome): Yield | undefined {
  const lossRow = lossOf(sheet.food);
  if (!lossRow || sheet.crust) return undefined;
  const addedShare = Math.max(0, outcome.toHeat.meanFraction - sheet.flesh.nativeSaltFraction);
  const saltG = addedShare * sheet.soaked.massG;
  const waterG = waterTaken(input, sheet, saltG);
  const driedG =
    input.holding.covered || sheet.contact.kind !== "drySalt" ? 0 : dried(sheet.surfaceDm2, input.pullH);
  const doubt = sheet.contact.kind === "within" ? HELD_DOUBT : WATER_DOUBT;
  const takenOut = (factor: number) => sheet.foodG + saltG + waterG * factor - driedG;
  const ends = [takenOut(1 - doubt), takenOut(1 + doubt)];
  const unsalted = interpolate(lossRow.toC, lossRow.lost, input.cook?.toC ?? sheet.food.targetC);
  const kept = KEPT_AT_MOST * (1 - Math.exp(-addedShare / KEPT_SCALE));
  return {
    takenOutG: { likely: takenOut(1), low: Math.min(...ends), high: Math.max(...ends) },
    lost: around(unsalted * (1 - kept)),
    lostUnsalted: around(unsalted),
  };
}

const around = (likely: number): Estimate => ({
  likely,
  low: Math.max(0, likely - LOSS_DOUBT),
  high: likely + LOSS_DOUBT,
});

function lossOf({ kingdom, group }: Food): typeof MEAT | undefined {
  if (group === "fish" || group === "shellfish") return FISH;
  return kingdom === "mammal" || kingdom === "bird" ? MEAT : undefined;
}

function waterTaken({ preparation }: Formulation, sheet: Formulated, saltG: number): number {
  if (preparation.kind === "cure") return DRAWN_BY_CURE * saltG;
  if (sheet.contact.kind === "within") return sheet.soaked.massG - sheet.flesh.massG;
  if (sheet.contact.kind !== "bath") return 0;
  const strength = sheet.naclG / (sheet.naclG + sheet.waterG);
  return interpolate(BATH_SALT, WATER_WITH_SALT, strength) * saltG;
}

/** The face dries and then holds the rest back. */
const dried = (surfaceDm2: number, hours: number): number =>
  DRIES_G_PER_DM2 * surfaceDm2 * (1 - Math.exp(-hours / FACE_DRIES_H)) * (1 / (1 - Math.exp(-1)));
