import type { BodyShape } from "../diffusion/grid";
import { interpolate } from "../interpolate";
import { remembered } from "../remembered";
import { dampRoast, type CoreCourse } from "./damp-roast";

/**
 * When a roast will be done, from what its probe has read: one family of curves, three unknowns. How fast this piece
 * heats (a time scale over the likely one), how freely its face gives off water (which holds it well under the dial),
 * and how much this oven brings to it. Every triple is weighed by how well it fits; what they predict, so weighed, is
 * the answer.
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
const ALPHA_M2_PER_S = 1.3e-7;
const CONDUCTIVITY = 0.46;
/** What ovens bring to a face, W/(m² K): still to fanned. *Practice*. */
const FILMS = [15, 20, 27];
/** How freely a roast's face gives off water against an open pan: brown and dry to wet through. Estimates. */
const WETNESSES = [0.02, 0.04, 0.07, 0.11, 0.16, 0.24, 0.36];
/**
 * A face that dries as it roasts lets the core go on where a damp one holds it: in how many diffusion times, and how freely
 * it gave off water before. Nobody knows it from a probe beforehand: each is taken to be as likely as a face that stays as
 * it is. Estimates.
 */
const DRIES_IN = [0.5, 0.2];
const DRYING_WETNESSES = [0.01, 0.05, 0.15, 0.3];
const WETNESS_LIKELY = 0.1;
const WETNESS_DOUBT = 0.8;
/** What a probe is in doubt by, °C: reading, placing, lag. *Practice*. */
const PROBE_DOUBT_C = 0.4;
/** However many readings there are, they say as much as so many. */
const COUNT_AS = 12;
const PACES = 91;
const SLOWEST = 0.4;
const FASTEST = 2.5;
/** Prior spread of the pace, in its logarithm. *Practice*, wide on purpose. */
const PACE_DOUBT = 0.3;
/** What the curves themselves are off by, share of the time still to go: as found on roasts of three other models. */
const MODEL_DOUBT = 0.09;
const DONE_LOOKS_MIN = 60 * 14;
const CURVE_POINTS = 40;

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
  const diffusionMin = (input.halfThicknessMm / 1000) ** 2 / ALPHA_M2_PER_S / 60;
  const candidates: Candidate[] = [];
  for (const { wetness, times, cores } of familyOf(input, startC)) {
    if (cores[cores.length - 1] < targetC) continue;
    const whole = interpolate(cores.slice(-2), times.slice(-2), targetC) * diffusionMin;
    for (let i = 0; i < PACES; i++) {
      const pace = SLOWEST * (FASTEST / SLOWEST) ** (i / (PACES - 1));
      const doneMin = fromMin + whole / pace;
      if (doneMin <= last.atMin || doneMin > fromMin + DONE_LOOKS_MIN) continue;
      const model = (atMin: number) => interpolate(times, cores, ((atMin - fromMin) * pace) / diffusionMin);
      const prior =
        (Math.log(pace) / PACE_DOUBT) ** 2 + (Math.log(wetness / WETNESS_LIKELY) / WETNESS_DOUBT) ** 2;
      candidates.push({ doneMin, misfit: misfitOf(readings, model), prior, model });
    }
  }
  return summed(candidates, fromMin, last.atMin);
}

type Course = CoreCourse & { wetness: number };

/** A roast asks for the same curves with each new reading: so many roasts are remembered. */
const families = remembered<Course[]>(16);

/** The curves of a piece that began at a temperature, one for each film and wetness of the face. */
function familyOf(
  { shape, halfThicknessMm, ovenC, targetC }: Omit<ForecastInput, "readings">,
  startC: number,
): Course[] {
  return families(JSON.stringify([shape, halfThicknessMm, ovenC, targetC, startC]), () =>
    FILMS.flatMap((film) => {
      const biot = (film * halfThicknessMm) / 1000 / CONDUCTIVITY;
      const course = (wetness: number, driesIn?: number) => ({
        wetness,
        ...dampRoast({ shape, startC, airC: ovenC, biot, wetness, driesIn }, targetC),
      });
      return [
        ...WETNESSES.map((wetness) => course(wetness)),
        ...DRIES_IN.flatMap((driesIn) => DRYING_WETNESSES.map((wetness) => course(wetness, driesIn))),
      ];
    }),
  );
}

interface Candidate {
  doneMin: number;
  /** Squared misses of the readings, in doubts; and how far it lies from what is usual, squared, in doubts. */
  misfit: number;
  prior: number;
  model: (atMin: number) => number;
}

/** Sum of squared misses in doubts; later readings say more about what is to come. */
function misfitOf(readings: ForecastInput["readings"], model: (atMin: number) => number): number {
  const lastMin = readings[readings.length - 1].atMin;
  const span = Math.max(1, lastMin - readings[0].atMin);
  // Neighbouring readings share their error: as if there were about a dozen of them.
  const thin = Math.min(1, COUNT_AS / readings.length);
  return readings.reduce((sum, r) => {
    const recent = 0.15 + 0.85 * (1 - (lastMin - r.atMin) / span);
    return sum + thin * recent * ((r.coreC - model(r.atMin)) / PROBE_DOUBT_C) ** 2;
  }, 0);
}

/** What all candidates say together, each as loud as it fits. */
function summed(candidates: readonly Candidate[], fromMin: number, nowMin: number): Forecast | undefined {
  if (candidates.length === 0) return undefined;
  // Where even the best misses the readings, the doubts were too small: they grow until it does not.
  const grown = Math.max(1, Math.min(...candidates.map((c) => c.misfit)) / COUNT_AS);
  const { at, best } = weighed(candidates, grown);
  const doneMin = at(0.5);
  const own = MODEL_DOUBT * Math.sqrt(grown) * (doneMin - nowMin);
  const earlyMin = Math.max(nowMin, doneMin - Math.hypot(doneMin - at(1 / 6), own));
  const lateMin = doneMin + Math.hypot(at(5 / 6) - doneMin, own);
  const curve = Array.from({ length: CURVE_POINTS + 1 }, (_, i) => {
    const atMin = fromMin + ((lateMin - fromMin) * i) / CURVE_POINTS;
    return { atMin, coreC: best.model(atMin) };
  });
  return { doneMin, earlyMin, lateMin, curve };
}

/** Candidates by their ends, each as loud as it fits. @param grown how much larger the doubts are than they were taken */
function weighed(candidates: readonly Candidate[], grown: number) {
  const logs = candidates.map((c) => ({ ...c, weight: -(c.misfit / grown + c.prior) / 2 }));
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
  return { at, best: sorted.reduce((a, b) => (b.weight > a.weight ? b : a)) };
}
