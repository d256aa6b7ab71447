import { brineHeatCapacity, chill, splitHotAndIce, type Chilled, type HotAndIce } from "../solution/chill";

export interface BrineToChill {
  /** All the water of the brine, ice included, and its salt, g. */
  waterG: number;
  saltG: number;
  /** Of the brine when it is mixed, mass fraction. */
  saltFraction: number;
  hotC: number;
  iceC: number;
  wantedC: number;
  /** Ice there is, g; left out, as much as is needed. */
  iceG?: number;
}

/** How the water divides into hot and ice, and where it ends with the ice there is. Masses in g. */
export function chillBrine(b: BrineToChill): HotAndIce & { iceG: number; end: Chilled; shortG: number } {
  const waterKg = b.waterG / 1000;
  const saltKg = b.saltG / 1000;
  // With about half the water as ice, the concentrate is about twice as strong as the brine.
  const hot = { temperatureC: b.hotC, heatCapacityKJPerKgK: brineHeatCapacity(2 * b.saltFraction) };
  const split = splitHotAndIce(waterKg, saltKg, hot, b.iceC, b.wantedC);
  const iceG = b.iceG ?? split.iceKg * 1000;
  const massKg = waterKg + saltKg - iceG / 1000;
  const end = chill(
    { ...hot, massKg, saltFraction: saltKg / massKg },
    { massKg: iceG / 1000, temperatureC: b.iceC },
  );
  return { ...split, iceG, end, shortG: split.iceKg * 1000 - iceG };
}
