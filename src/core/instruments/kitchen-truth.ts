import type { BodyShape } from "../diffusion/grid";

/**
 * What a real roast does, worked out by another road than the forecast's: a coarse enthalpy balance in rings, an oven that
 * cycles about its dial, a damp surface that cannot pass the boil until it has dried, flesh that conducts better as it
 * warms. Only for the simulated instruments: it stands in for the kitchen.
 */
export interface RoastTruth {
  shape: BodyShape;
  halfThicknessMm: number;
  startC: number;
  ovenC: number;
  /** How far the oven swings, °C, and how long a swing lasts, s. */
  swingC: number;
  swingS: number;
  /** The film of this oven, W/(m² K). */
  filmWPerM2K: number;
}

const RINGS = 16;
const DENSITY = 1050;
const HEAT_J_PER_KG_K = 3500;
/** A wet surface is held down by what evaporates; past this much heat it has dried. Rough. */
const WET_TOP_C = 88;
const CONDUCTIVITY_COLD = 0.45;
const CONDUCTIVITY_PER_C = 0.0009;
const STEP_S = 1;

/** Core temperature by the second; computed once, then read. @param hours how far to run */
export function roastCore(truth: RoastTruth, hours: number): (atS: number) => number {
  const exponent = { slab: 0, cylinder: 1, sphere: 2 }[truth.shape];
  const widthM = truth.halfThicknessMm / 1000 / RINGS;
  const volumes = Array.from({ length: RINGS }, (_, i) => (i + 1) ** (exponent + 1) - i ** (exponent + 1));
  const area = (i: number) => (exponent + 1) * i ** exponent;
  const temperature = volumes.map(() => truth.startC);
  const core: number[] = [];
  const capacity = DENSITY * HEAT_J_PER_KG_K * widthM;
  for (let s = 0; s <= hours * 3600; s += STEP_S) {
    core.push(temperature[0]);
    const oven = truth.ovenC + truth.swingC * Math.sin((2 * Math.PI * s) / truth.swingS);
    const surface = temperature[RINGS - 1];
    const wet =
      Math.max(0, (surface - 55) / (WET_TOP_C - 55)) * truth.filmWPerM2K * (truth.ovenC - WET_TOP_C) * 0.9;
    const inFlux = truth.filmWPerM2K * (oven - surface) - Math.min(wet, truth.filmWPerM2K * (oven - surface));
    const flux = temperature.map((t, i) => {
      if (i === RINGS - 1) return Math.max(0, inFlux);
      const k = CONDUCTIVITY_COLD + CONDUCTIVITY_PER_C * Math.max(0, (t + temperature[i + 1]) / 2);
      return (k * (temperature[i + 1] - t)) / widthM;
    });
    for (let i = 0; i < RINGS; i++) {
      const into = flux[i] * area(i + 1) - (i > 0 ? flux[i - 1] * area(i) : 0);
      temperature[i] += (into * STEP_S) / (capacity * volumes[i]);
    }
  }
  return (atS) => core[Math.min(core.length - 1, Math.max(0, Math.round(atS / STEP_S)))];
}
