import type { BodyShape } from "../diffusion/grid";

/**
 * A piece in dry heat with a damp face: what the air brings, less what the evaporating water takes, flesh that conducts
 * better as it warms. Rings of equal width, explicit in time. Time runs in diffusion times (half thickness squared over
 * the cold diffusivity), so that one run serves every pace.
 */
export interface DampRoast {
  shape: BodyShape;
  startC: number;
  airC: number;
  /** Film times half thickness over the cold conductivity. */
  biot: number;
  /** How freely the face gives off water, 0 a dry one, 1 an open pan of water. */
  wetness: number;
}

export interface CoreCourse {
  /** In diffusion times, rising. */
  times: number[];
  cores: number[];
}

/** Psychrometer constant at one atmosphere, Pa/K (FAO Irrigation and Drainage Paper 56, 0.665e-3 × pressure). */
const PSYCHROMETER_PA_PER_K = 67;
/** Vapour in the air of a closed oven with a roast in it, Pa. Estimate. */
const OVEN_VAPOUR_PA = 3000;
/** Conductivity of moist flesh rises so much per °C, as that of its water does. *From memory*. */
const CONDUCTS_MORE_PER_C = 0.0018;
const RINGS = 12;
/** Explicit steps are stable to a half of the ring's own diffusion time; the warm flesh conducts up to a fifth more. */
const STEP = 0.4 / RINGS ** 2;
const LONGEST = 8;
const KEEP_EVERY = 6;
const EXPONENT = { slab: 0, cylinder: 1, sphere: 2 } as const;

/**
 * Saturation vapour pressure of water, Pa.
 * @param celsius −20 to 120
 * Source: Magnus form with the constants of the WMO Guide to Instruments (No. 8); within 1 % up to the boil.
 */
export const saturationPa = (celsius: number): number =>
  611.2 * Math.exp((17.62 * celsius) / (243.12 + celsius));

/** Core over time until it stands at `untilC`; shorter of that where it never does. */
export function dampRoast(roast: DampRoast, untilC: number): CoreCourse {
  const { shape, startC, airC, biot, wetness } = roast;
  const n = EXPONENT[shape];
  const volumes = Array.from({ length: RINGS }, (_, i) => ((i + 1) ** (n + 1) - i ** (n + 1)) / (n + 1));
  const faces = Array.from({ length: RINGS }, (_, i) => (i + 1) ** n);
  const at = new Float64Array(RINGS).fill(startC);
  const into = new Float64Array(RINGS);
  const times = [0];
  const cores = [startC];
  const dt = STEP / (1 + CONDUCTS_MORE_PER_C * 100);
  for (let step = 1; step * dt <= LONGEST; step++) {
    into.fill(0);
    for (let i = 0; i < RINGS - 1; i++) {
      const k = 1 + (CONDUCTS_MORE_PER_C * (at[i] + at[i + 1])) / 2;
      const flow = k * faces[i] * (at[i + 1] - at[i]);
      into[i] += flow;
      into[i + 1] -= flow;
    }
    const face = at[RINGS - 1];
    const cooled = (wetness * (saturationPa(Math.min(face, 110)) - OVEN_VAPOUR_PA)) / PSYCHROMETER_PA_PER_K;
    // Half a ring lies between the last middle and the face: film and half ring in a row.
    const film = biot / RINGS / (1 + biot / (2 * RINGS));
    into[RINGS - 1] += film * faces[RINGS - 1] * (airC - face - cooled);
    for (let i = 0; i < RINGS; i++) at[i] += (into[i] * dt * RINGS ** 2) / volumes[i];
    const done = at[0] >= untilC;
    if (step % KEEP_EVERY === 0 || done) {
      times.push(step * dt);
      cores.push(at[0]);
    }
    if (done) break;
  }
  return { times, cores };
}

/** A fridge-cold piece in a usual oven, lean flesh: film W/(m² K), conductivity W/(m K). *Practice*; *from memory*. */
const USUAL = { startC: 6, filmWPerM2K: 20, conductivityWPerMK: 0.46 };
/** A usual roast's face. Estimate. */
const USUAL_WETNESS = 0.1;

/**
 * How long a piece takes to a core, only to be set against another: thickness, target or oven differing.
 * @param piece.dry nothing gives off water, as in a crust
 * @returns in squared mm of diffusion time; undefined where the damp face never lets it get there by these sums
 */
export function heatingTime(piece: {
  shape: BodyShape;
  thicknessMm: number;
  airC: number;
  toC: number;
  dry?: boolean;
}): number | undefined {
  const { shape, thicknessMm, airC, toC } = piece;
  const halfMm = thicknessMm / 2;
  const biot = (USUAL.filmWPerM2K * halfMm) / 1000 / USUAL.conductivityWPerMK;
  const wetness = piece.dry ? 0 : USUAL_WETNESS;
  const { times, cores } = dampRoast({ shape, startC: USUAL.startC, airC, biot, wetness }, toC);
  return cores[cores.length - 1] >= toC ? times[times.length - 1] * halfMm ** 2 : undefined;
}
