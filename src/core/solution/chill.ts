import {
  brineDensityGPerMl,
  brineFreezingPointC,
  saltFractionFromPerWater,
  saturationFraction,
} from "./sodium-chloride";

/**
 * Hot concentrate chilled with ice, by enthalpy balance: no heat of dilution, none lost to air or vessel.
 * Latent heat and heat capacities: CRC Handbook, *from memory*.
 */
const LATENT_KJ_PER_KG = 333.55;
const ICE_KJ_PER_KG_K = 2.1;
const WATER_KJ_PER_KG_K = 4.186;
/** Colder or saltier there is no brine: salt and ice come out of it together. */
const EUTECTIC_FRACTION = 0.233;

export interface Concentrate {
  massKg: number;
  saltFraction: number;
  temperatureC: number;
  /** Heat capacity, kJ/(kg K); brines 3.3 to 4.2. */
  heatCapacityKJPerKgK: number;
}

export interface Chilled {
  temperatureC: number;
  iceLeftKg: number;
  saltFraction: number;
}

/** Heat one kg of ice takes up to become water at a temperature, kJ/kg. Both in °C. */
function iceHeat(iceC: number, finalC: number): number {
  return LATENT_KJ_PER_KG - ICE_KJ_PER_KG_K * iceC + WATER_KJ_PER_KG_K * finalC;
}

/**
 * What a concentrate becomes with ice (and cold water) stirred in.
 * All ice melts, the brine ending even below 0 °C, as long as it stays above its own freezing point; else ice is left
 * and the brine stands at that point; very cold ice freezes some of it.
 * @param ice mass kg ≥ 0, temperature °C ≤ 0
 */
export function chill(
  concentrate: Concentrate,
  ice: { massKg: number; temperatureC: number },
  water: { massKg: number; temperatureC: number } = { massKg: 0, temperatureC: 0 },
): Chilled {
  const saltKg = concentrate.massKg * concentrate.saltFraction;
  const hot = concentrate.massKg * concentrate.heatCapacityKJPerKgK;
  const cold = water.massKg * WATER_KJ_PER_KG_K;
  const settle = (meltedKg: number) =>
    (hot * concentrate.temperatureC +
      cold * water.temperatureC -
      meltedKg * LATENT_KJ_PER_KG +
      ice.massKg * ICE_KJ_PER_KG_K * ice.temperatureC) /
    (hot + cold + meltedKg * WATER_KJ_PER_KG_K + (ice.massKg - meltedKg) * ICE_KJ_PER_KG_K);
  const strength = (meltedKg: number) => saltKg / (concentrate.massKg + water.massKg + meltedKg);
  const aboveFreezing = (meltedKg: number) => settle(meltedKg) >= brineFreezingPointC(strength(meltedKg));
  let meltedKg = ice.massKg;
  if (!aboveFreezing(meltedKg)) {
    // Ice that is cold enough takes water out of the brine: less than none melts, down to the eutectic.
    const mostFrozenKg = Math.max(0, concentrate.massKg + water.massKg - saltKg / EUTECTIC_FRACTION);
    let [low, high] = [-mostFrozenKg, ice.massKg];
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      if (aboveFreezing(middle)) low = middle;
      else high = middle;
    }
    meltedKg = low;
  }
  return {
    temperatureC: settle(meltedKg),
    iceLeftKg: ice.massKg - meltedKg,
    saltFraction: strength(meltedKg),
  };
}

/** Ice that brings a concentrate to a temperature, kg. @param finalC above the result's freezing point */
export function iceNeededKg(concentrate: Concentrate, iceC: number, finalC: number): number {
  const heat = concentrate.massKg * concentrate.heatCapacityKJPerKgK * (concentrate.temperatureC - finalC);
  return heat / iceHeat(iceC, finalC);
}

export interface HotAndIce {
  hotWaterKg: number;
  iceKg: number;
  concentrateFraction: number;
  /** Whether all the salt dissolves in the hot part; if not, some waits for the ice to melt. */
  dissolvesHot: boolean;
}

/**
 * Splits a finished brine's water into hot water, which dissolves the salt, and ice, which chills it: the ice is part
 * of the water of the brine.
 * @param waterKg all the plain water, kg  @param saltKg all the salt, kg
 * @param cold other liquid of the brine (cider, stock), as cold as it is
 */
export function splitHotAndIce(
  waterKg: number,
  saltKg: number,
  hot: { temperatureC: number; heatCapacityKJPerKgK: number },
  iceC: number,
  finalC: number,
  cold: { massKg: number; temperatureC: number } = { massKg: 0, temperatureC: finalC },
): HotAndIce {
  const perKgHot = hot.heatCapacityKJPerKgK * (hot.temperatureC - finalC);
  const coldHeat = WATER_KJ_PER_KG_K * cold.massKg * (cold.temperatureC - finalC);
  const wantedIceKg = (perKgHot * (waterKg + saltKg) + coldHeat) / (perKgHot + iceHeat(iceC, finalC));
  const iceKg = Math.min(waterKg, Math.max(0, wantedIceKg));
  const hotWaterKg = waterKg - iceKg;
  const concentrateFraction = saltFractionFromPerWater(saltKg / hotWaterKg);
  return {
    hotWaterKg,
    iceKg,
    concentrateFraction,
    dissolvesHot: hotWaterKg > 0 && concentrateFraction <= saturationFraction(hot.temperatureC),
  };
}

/** Mass of a brine of given strength and volume at 20 °C, kg. */
export const brineMassKg = (litres: number, saltFraction: number): number =>
  litres * brineDensityGPerMl(saltFraction);

/** Heat capacity of brine at about 20 °C, kJ/(kg K): 4.19 for water, 3.8 at 10 %, 3.4 at 20 % (CRC, *from memory*). */
export const brineHeatCapacity = (saltFraction: number): number => WATER_KJ_PER_KG_K - 4 * saltFraction;
