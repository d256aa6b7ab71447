import { jitterAt, noiseAt } from "./random";

export type InstrumentKind = "scale" | "probe" | "fridge" | "salinity";

/** One reading, or the lack of one. */
export interface Sample {
  atS: number;
  /** In the instrument's unit; null while it says nothing. */
  value: number | null;
}

/** What any instrument offers, simulated or real. A real one plugs in by giving the same three. */
export interface Instrument {
  kind: InstrumentKind;
  unit: "g" | "°C" | "% w/w";
  /** What it reads at a second of its session; null in a drop-out. */
  readAt: (atS: number) => Sample;
}

/** How an instrument misbehaves, as the real ones do. *Practice*, estimates. */
export interface Manners {
  /** Spread of a reading, in its unit. */
  noise: number;
  /** What it wanders in an hour, in its unit. */
  driftPerHour: number;
  /** How long it takes to follow, s. */
  lagS: number;
  /** Smallest step it shows. */
  step: number;
  /** Share of time it says nothing, and how long a gap lasts, s. */
  dropShare: number;
  dropS: number;
}

export const MANNERS: Record<InstrumentKind, Manners> = {
  scale: { noise: 0.4, driftPerHour: 1, lagS: 0.5, step: 1, dropShare: 0, dropS: 1 },
  probe: { noise: 0.15, driftPerHour: 0.1, lagS: 8, step: 0.1, dropShare: 0.03, dropS: 40 },
  fridge: { noise: 0.2, driftPerHour: 0, lagS: 120, step: 0.1, dropShare: 0.01, dropS: 60 },
  salinity: { noise: 0.03, driftPerHour: 0.02, lagS: 5, step: 0.01, dropShare: 0.01, dropS: 20 },
};

const UNITS: Record<InstrumentKind, Instrument["unit"]> = {
  scale: "g",
  probe: "°C",
  fridge: "°C",
  salinity: "% w/w",
};

/**
 * An instrument that reads a known truth the way a real one would: late, jittering, wandering, silent at times.
 * Pure: the same seed and second give the same reading, so that it outlives a restart.
 * @param truth what there is to read, by the second of the session
 */
export function simulated(
  kind: InstrumentKind,
  truth: (atS: number) => number,
  seed: number,
  manners: Manners = MANNERS[kind],
): Instrument {
  const { noise, driftPerHour, lagS, step, dropShare, dropS } = manners;
  const readAt = (atS: number): Sample => {
    const tick = Math.floor(atS);
    const gap = Math.floor(atS / dropS);
    if (noiseAt(seed + 7, gap) < dropShare) return { atS, value: null };
    const drift = driftPerHour * (atS / 3600) * (noiseAt(seed + 3, 0) * 2 - 1);
    const raw = truth(Math.max(0, atS - lagS)) + noise * jitterAt(seed, tick) + drift;
    return { atS, value: Number((Math.round(raw / step) * step).toFixed(3)) };
  };
  return { kind, unit: UNITS[kind], readAt };
}
