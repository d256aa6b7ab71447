import { seeded } from "../instruments/random";
import { shuffled } from "./drawn";
import { SODIUM_PER_SALT } from "../solution/sodium-chloride";
import { firstOf } from "../sequence";

/** Salt in what is tasted, as shares of it: the same step in every ratio from faint to far too salty for most. */
export const SAMPLE_FRACTIONS: readonly number[] = [0.006, 0.0079, 0.0104, 0.0137, 0.018];

/** Of the sample in that place, from 0. @throws RangeError where there is none */
export function sampleFraction(place: number): number {
  const fraction = SAMPLE_FRACTIONS[place];
  if (fraction === undefined) throw new RangeError(`there are five samples, 0 to 4: none is ${place}`);
  return fraction;
}

/** What carries the salt. Raw meat is never tasted. */
export type CarrierId = "patty" | "stock" | "potato";

export interface Carrier {
  id: CarrierId;
  /** Its own salt, mass fraction, before any is put to it. *From memory*: food composition tables. */
  nativeFraction: number;
  /** A spoon of it, g. */
  spoonG: number;
  /** EU allergen names. */
  allergens: readonly string[];
  /** Where it is meat: the core it is cooked to before anyone tastes, °C (official minimum of minced meat). */
  cookedToC?: number;
}

export const CARRIERS: readonly Carrier[] = [
  { id: "potato", nativeFraction: 0.0001, spoonG: 8, allergens: [] },
  { id: "stock", nativeFraction: 0.0005, spoonG: 10, allergens: ["celery"] },
  { id: "patty", nativeFraction: 0.0017, spoonG: 8, allergens: [], cookedToC: 71 },
];

export const carrierOf = (id: CarrierId): Carrier => CARRIERS.find((c) => c.id === id) ?? firstOf(CARRIERS);

/** By pairs, or each sample by itself on the scale from far too little to far too much. */
export type TastingWay = "pairs" | "liking";

/** Pairs put to one eater. */
export const PAIRS_AN_EATER = 10;

/** What one eater is asked in all. */
export const questionsOf = (way: TastingWay): number =>
  way === "pairs" ? PAIRS_AN_EATER : SAMPLE_FRACTIONS.length;

/** Spoons one eater takes. */
const spoonsOf = (way: TastingWay): number =>
  way === "pairs" ? 2 * PAIRS_AN_EATER : SAMPLE_FRACTIONS.length;

/** One of the five, as it is made up. */
export interface Sample {
  /** What stands on its cup: it says nothing of the salt. */
  code: string;
  fraction: number;
  carrierG: number;
  /** Salt to put in, g of NaCl. */
  naclG: number;
}

const LEAST_G = 100;
const ROUND_G = 10;
/** Spoons of one sample that an eater may come to, when the pairs keep asking for it. */
const MOST_OF_ONE = 9;

/**
 * The five samples, in the order of their codes: weighed by that, nobody who only sees codes can tell which is which.
 * @param eaters 1 to 40
 */
export function samplesOf(seed: number, carrier: Carrier, way: TastingWay, eaters: number): Sample[] {
  const draw = seeded(seed);
  const codes = new Set<string>();
  const newCode = () => {
    let code: string;
    do code = String(100 + Math.floor(draw() * 900));
    while (codes.has(code));
    codes.add(code);
    return code;
  };
  const spoons = eaters * (way === "pairs" ? MOST_OF_ONE : 1) * carrier.spoonG;
  const carrierG = Math.ceil(Math.max(LEAST_G, spoons) / ROUND_G) * ROUND_G;
  return SAMPLE_FRACTIONS.map((fraction) => ({
    code: newCode(),
    fraction,
    carrierG,
    naclG: saltToAdd(carrierG, carrier.nativeFraction, fraction),
  }));
}

/**
 * Salt that brings so much of a carrier to a share of the whole, its own salt counted.
 * @returns g of NaCl, 0 where its own is enough
 */
export const saltToAdd = (carrierG: number, nativeFraction: number, fraction: number): number =>
  Math.max(0, (carrierG * (fraction - nativeFraction)) / (1 - fraction));

/**
 * The same by salt water, for a scale too coarse for grams of salt: its water counts in the whole.
 * @param strength of the salt water, salt over all of it; well over what is wanted
 * @returns g of salt water
 */
export const saltWaterToAdd = (
  carrierG: number,
  nativeFraction: number,
  fraction: number,
  strength: number,
): number => Math.max(0, (carrierG * (fraction - nativeFraction)) / (strength - fraction));

/** Sodium that one eater swallows who spits nothing out, mg. */
export function sodiumOfTasting(carrier: Carrier, way: TastingWay): number {
  const mean = SAMPLE_FRACTIONS.reduce((a, b) => a + b, 0) / SAMPLE_FRACTIONS.length;
  return spoonsOf(way) * carrier.spoonG * mean * SODIUM_PER_SALT * 1000;
}

/** In which order an eater meets the samples one by one: places in `SAMPLE_FRACTIONS`. */
export const orderOf = (seed: number, eater: number): number[] =>
  shuffled(
    SAMPLE_FRACTIONS.map((_, i) => i),
    seeded(seed + 7919 * (eater + 1)),
  );
