import type { BodyShape } from "../diffusion/grid";
import { interpolate } from "../interpolate";
import { heatRun } from "./core-curve";

/**
 * When a roast will be done, from what its probe has read: one family of curves, two unknowns. How fast this piece in
 * this oven heats (a time scale over the likely one), and how hot its surroundings act (a real oven with a damp roast
 * acts cooler than its dial). Every pair is weighed by how well it fits; what they predict, so weighed, is the answer.
 */
export interface ForecastInput {
  shape: BodyShape;
  halfThicknessMm: number;
  ovenC: number;
  targetC: number;
  readings: readonly { atMin: number; coreC: number }[];
}

export interface Forecast {
  /** Minutes from the first clock zero at which the target is read: likely, and where two in three lie. */
  doneMin: number;
  earlyMin: number;
  lateMin: number;
  /** Predicted core by the minute, for drawing. */
  curve: { atMin: number; coreC: number }[];
}

/** Lean flesh, *from memory*. */
const ALPHA_M2_PER_S = 1.4e-7;
const CONDUCTIVITY = 0.48;
/**
 * How closely the surroundings are met, W/(m² K): a still oven on a dry face (15 to 30, *practice*), up to a damp face that
 * sits near its own boil and so acts as a cooler bath held tightly.
 */
const FILMS = [15, 40, 120, 500];
/** What a probe is in doubt by, °C: reading, placing, lag. *Practice*. */
const PROBE_DOUBT_C = 0.5;
const PACES = 97;
const SLOWEST = 0.35;
const FASTEST = 2.6;
/** The coolest surroundings thought of stand so little above the target, °C. */
const COOLEST_ABOVE_C = 2;
const AIRS = 41;
const DONE_LOOKS_MIN = 60 * 14;
const CURVE_POINTS = 40;
/** Prior spread of the pace, in its logarithm. *Practice*, wide on purpose. */
const PACE_DOUBT = 0.4;
/**
 * A damp roast's face sits well under the boil whatever the dial says: surroundings act about this warm, and at least
 * so much over the target, °C; spread in the logarithm. *Practice*, estimates.
 */
const ACTS_LIKE_C = 82;
const ACTS_ABOVE_TARGET_C = 9;
const AIR_DOUBT = 0.22;

/** Needs this many readings, rising, before it says anything. */
export const LEAST_READINGS = 4;

/** @returns undefined while too little has been read, or the core does not rise */
export function forecastDone(input: ForecastInput): Forecast | undefined {
  const { readings, targetC } = input;
  const last = readings[readings.length - 1];
  if (readings.length < LEAST_READINGS || last.coreC - readings[0].coreC < 1) return undefined;
  if (last.coreC >= targetC) {
    const done = readings.find((r) => r.coreC >= targetC)?.atMin ?? last.atMin;
    return { doneMin: done, earlyMin: done, lateMin: done, curve: [...readings] };
  }
  const startC = readings[0].coreC;
  const fromMin = readings[0].atMin;
  const candidates: Candidate[] = [];
  for (const film of FILMS) {
    const unit = unitCurve(input.shape, input.halfThicknessMm, film);
    for (let i = 0; i < PACES; i++) {
      const pace = SLOWEST * (FASTEST / SLOWEST) ** (i / (PACES - 1));
      for (let j = 0; j < AIRS; j++) {
        const airC = airAt(j / (AIRS - 1), targetC, input.ovenC);
        const doneMin = unit.when((targetC - startC) / (airC - startC)) / pace + fromMin;
        if (!Number.isFinite(doneMin) || doneMin <= last.atMin || doneMin > fromMin + DONE_LOOKS_MIN)
          continue;
        const model = (t: number) => startC + (airC - startC) * unit.share((t - fromMin) * pace);
        const likelyC = Math.max(ACTS_LIKE_C, targetC + ACTS_ABOVE_TARGET_C);
        const prior = (Math.log(pace) / PACE_DOUBT) ** 2 + (Math.log(airC / likelyC) / AIR_DOUBT) ** 2;
        candidates.push({ doneMin, weight: -(misfit(readings, model) + prior) / 2, model });
      }
    }
  }
  return summed(candidates, fromMin);
}

interface Candidate {
  doneMin: number;
  /** Logarithm of its weight until they are all known. */
  weight: number;
  model: (atMin: number) => number;
}

/** From just above the target to a little over the dial, closer together where it matters most. */
function airAt(part: number, targetC: number, ovenC: number): number {
  const low = targetC + COOLEST_ABOVE_C;
  const high = Math.max(low + 20, ovenC * 1.05);
  return low * (high / low) ** part;
}

/** Sum of squared misses in doubts; later readings say more about what is to come. */
function misfit(readings: ForecastInput["readings"], model: (atMin: number) => number): number {
  const lastMin = readings[readings.length - 1].atMin;
  const span = Math.max(1, lastMin - readings[0].atMin);
  // Neighbouring readings share their error: as if there were about a dozen of them.
  const thin = Math.min(1, 12 / readings.length);
  return readings.reduce((sum, r) => {
    const recent = 0.15 + 0.85 * (1 - (lastMin - r.atMin) / span);
    return sum + thin * recent * ((r.coreC - model(r.atMin)) / PROBE_DOUBT_C) ** 2;
  }, 0);
}

/** The centre's share of the way from start to surroundings, by the minute, at the likely pace. */
function unitCurve(shape: BodyShape, halfThicknessMm: number, filmWPerM2K: number) {
  const diffusionS = (halfThicknessMm / 1000) ** 2 / ALPHA_M2_PER_S;
  const biot = (filmWPerM2K * halfThicknessMm) / 1000 / CONDUCTIVITY;
  const ran = heatRun(
    { shape, halfThicknessMm, alphaM2PerS: ALPHA_M2_PER_S, conductivityWPerMK: CONDUCTIVITY },
    0,
    [{ surroundingsC: 100, durationS: diffusionS * (3 + 6 / biot), filmWPerM2K }],
    300,
  );
  const moments = ran.ok ? ran.value.moments : [];
  const minutes = moments.map((m) => m.timeS / 60);
  const shares = moments.map((m) => Math.max(0, m.centreC / 100));
  return {
    share: (minute: number) => (minute <= 0 ? 0 : interpolate(minutes, shares, minute)),
    when: (share: number) =>
      share > shares[shares.length - 1] || !(share > 0) ? Infinity : interpolate(shares, minutes, share),
  };
}

/** What all candidates say together, each as loud as it fits. */
function summed(logs: readonly Candidate[], fromMin: number): Forecast | undefined {
  if (logs.length === 0) return undefined;
  const loudest = Math.max(...logs.map((c) => c.weight));
  const sorted = logs
    .map((c) => ({ ...c, weight: Math.exp(c.weight - loudest) }))
    .sort((a, b) => a.doneMin - b.doneMin);
  const total = sorted.reduce((sum, c) => sum + c.weight, 0);
  const at = (share: number) => {
    let run = 0;
    for (const c of sorted) {
      run += c.weight;
      if (run >= share * total) return c.doneMin;
    }
    return sorted[sorted.length - 1].doneMin;
  };
  const lateMin = at(5 / 6);
  const best = sorted.reduce((a, b) => (b.weight > a.weight ? b : a));
  const curve = Array.from({ length: CURVE_POINTS + 1 }, (_, i) => {
    const atMin = fromMin + ((lateMin - fromMin) * i) / CURVE_POINTS;
    return { atMin, coreC: best.model(atMin) };
  });
  return { doneMin: at(0.5), earlyMin: at(1 / 6), lateMin, curve };
}
