/**
 * Ice for a cooler: heat leaking through its walls melts ice at a steady rate.
 * Latent heat of ice: CRC Handbook, *from memory*. Wall values: *practice*, estimates.
 */
const LATENT_J_PER_KG = 333_550;
const HOUR_S = 3600;

export type Wall = "cooler" | "pail" | "box" | "bag";

/** Heat a wall lets through, W/(m² K). *Practice*, estimate: 25 mm of foam against bare plastic in still air. */
const U_W_PER_M2_K: Record<Wall, number> = { cooler: 1, pail: 6, box: 6, bag: 8 };

/** Heat let in by a vessel, W per K. @param outsideMm2 of wall, floor and lid together, mm² */
export const leakWPerK = (wall: Wall, outsideMm2: number): number => U_W_PER_M2_K[wall] * (outsideMm2 / 1e6);

export interface CoolerPlan {
  /** Ice that melts over the whole time, kg; it counts as water unless sealed in bags. */
  iceKg: number;
  iceKgPerHour: number;
  /** Hours after the start at which to add ice, and how much each time, kg. */
  topUps: { hour: number; iceKg: number }[];
  /** What goes in at the start, kg. */
  firstIceKg: number;
}

/**
 * Ice to keep a cooler at a temperature for some hours, with top-ups so that the first load need not be all of it.
 * @param keepC held at, °C  @param topUpEveryH at most so long between looks, h  @param mostIceKg room for ice, kg
 */
export function coolerPlan(p: {
  leakWPerK: number;
  roomC: number;
  keepC: number;
  hours: number;
  topUpEveryH: number;
  mostIceKg: number;
}): CoolerPlan {
  const rate = (p.leakWPerK * Math.max(0, p.roomC - p.keepC) * HOUR_S) / LATENT_J_PER_KG;
  const iceKg = rate * p.hours;
  // Half as much again in hand at every look: lids are opened, days are warm. *Practice*.
  const perLook = Math.min(p.mostIceKg, rate * p.topUpEveryH * SPARE);
  const firstIceKg = Math.min(
    p.mostIceKg,
    Math.max(perLook, rate * Math.min(p.hours, p.topUpEveryH) * SPARE),
  );
  const topUps: CoolerPlan["topUps"] = [];
  let inHand = firstIceKg;
  for (let hour = p.topUpEveryH; hour < p.hours - 1e-9; hour += p.topUpEveryH) {
    inHand = Math.max(0, inHand - rate * p.topUpEveryH);
    const add = Math.max(0, Math.min(perLook, rate * (p.hours - hour) * SPARE) - inHand);
    if (add > 0) topUps.push({ hour, iceKg: add });
    inHand += add;
  }
  return { iceKg, iceKgPerHour: rate, topUps, firstIceKg };
}

const SPARE = 1.5;
