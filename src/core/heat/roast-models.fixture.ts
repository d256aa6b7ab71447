import type { RoastTruth } from "../instruments/kitchen-truth";
import { saturationPa } from "./damp-roast";
import { drawnRoast } from "./roasts.fixture";

/*
 * Roasts by other models than the forecast's own and the one it was fitted on: a face that dries while it roasts, and one that
 * gives off nothing in an oven that was opened for it. For the test of its bands.
 */

/** Heat into the face, W/m². */
type Face = (at: { minutes: number; faceC: number; airC: number }) => number;

interface Kind {
  face: Face;
  /** Of the flesh at a temperature, W/(m K). */
  conductivity: (celsius: number) => number;
  /** Of the dial at a minute, °C. */
  airC: (minutes: number) => number;
}

const RINGS = 20;
const J_PER_M3_K = 3.6e6;
const STEP_S = 2;
/** Heat that evaporation takes over heat that convection brings, K/Pa: Lewis's relation with 66 Pa/K, *from memory*. */
const EVAPORATES = 1 / 66;

/** Core temperature by the second, from finite volumes of its own. @param hours how far to run */
export function coreOf({ shape, halfThicknessMm, startC }: RoastTruth, kind: Kind, hours: number) {
  const geometry = { slab: 0, cylinder: 1, sphere: 2 }[shape];
  const width = halfThicknessMm / 1000 / RINGS;
  const faceAt = (i: number) => i ** geometry;
  const volume = (i: number) => ((i + 1) ** (geometry + 1) - i ** (geometry + 1)) / (geometry + 1);
  const t = Array.from({ length: RINGS }, () => startC);
  const core: number[] = [];
  for (let s = 0; s <= hours * 3600; s += STEP_S) {
    core.push(t[0]);
    const minutes = s / 60;
    const airC = kind.airC(minutes);
    // Outwards from the middle, W/m² through the face outside each ring, inwards positive.
    const into = t.map((inner, i) =>
      i === RINGS - 1
        ? kind.face({ minutes, faceC: inner, airC })
        : (kind.conductivity((inner + t[i + 1]) / 2) * (t[i + 1] - inner)) / width,
    );
    for (let i = 0; i < RINGS; i++) {
      const net = into[i] * faceAt(i + 1) - (i > 0 ? into[i - 1] * faceAt(i) : 0);
      t[i] += (net * STEP_S) / (J_PER_M3_K * width * volume(i));
    }
  }
  return (atS: number) => core[Math.min(core.length - 1, Math.max(0, Math.round(atS / STEP_S)))];
}

const cycling =
  ({ ovenC, swingC, swingS }: RoastTruth) =>
  (minutes: number) =>
    ovenC + swingC * Math.sin((2 * Math.PI * minutes * 60) / swingS);

/** Wet at first, and drying for good. */
function drying(truth: RoastTruth, draw: () => number): Kind {
  const [wet, driesMin] = [0.05 + 0.3 * draw(), 25 + 60 * draw()];
  const film = truth.filmWPerM2K;
  return {
    airC: cycling(truth),
    conductivity: (c) => 0.44 + 0.0007 * Math.max(0, c),
    face: ({ minutes, faceC, airC }) =>
      film *
      (airC -
        faceC -
        wet * Math.exp(-minutes / driesMin) * EVAPORATES * Math.max(0, saturationPa(faceC) - 1500)),
  };
}

/** Dry from the start, by air and glow, in an oven that was opened for it. */
function bare(truth: RoastTruth, draw: () => number): Kind {
  const [film, warmsMin, conducts] = [7 + 5 * draw(), 2 + 4 * draw(), 0.42 + 0.1 * draw()];
  const steady = cycling(truth);
  const GLOW = 0.6 * 5.67e-8;
  return {
    airC: (minutes) => 20 + (steady(minutes) - 20) * (1 - 0.3 * Math.exp(-minutes / warmsMin)),
    conductivity: () => conducts,
    face: ({ faceC, airC }) => film * (airC - faceC) + GLOW * ((airC + 273) ** 4 - (faceC + 273) ** 4),
  };
}

export const OTHER_MODELS = { drying, bare };

/** A roast of two heats: covered in a slow oven, then open in a hot one. */
export interface TwoHeats {
  shape: RoastTruth["shape"];
  halfThicknessMm: number;
  slowC: number;
  coveredMin: number;
  hotC: number;
  targetC: number;
  said: number;
  core: (atS: number) => number;
}

/** Drawn by a model of its own: a lid that holds nine tenths of the water back, a face that dries once it is off. */
export function roastOfTwoHeats(draw: () => number): TwoHeats {
  const { truth, said } = drawnRoast(draw);
  const one = <T>(of: readonly T[]) => of[Math.floor(draw() * of.length)];
  const [slowC, hotC, targetC] = [one([120, 130, 140, 150]), one([200, 210, 220]), one([56, 60, 63, 68])];
  const [wet, driesMin, film] = [0.08 + 0.2 * draw(), 40 + 80 * draw(), 15 + 8 * draw()];
  // About two thirds of what it takes in all at the slow heat: 25 min for each square of 20 mm, more the slower.
  const coveredMin = Math.round(
    (0.5 + 0.3 * draw()) * 25 * (truth.halfThicknessMm / 20) ** 1.6 * (140 / slowC),
  );
  const kind: Kind = {
    airC: (minutes) =>
      minutes < coveredMin ? slowC : hotC - (hotC - slowC) * Math.exp(-(minutes - coveredMin) / 4),
    conductivity: (c) => 0.44 + 0.0007 * Math.max(0, c),
    face: ({ minutes, faceC, airC }) => {
      const openMin = minutes - coveredMin;
      const wetness = openMin < 0 ? 0.2 * wet : wet * Math.exp(-openMin / driesMin);
      return film * (airC - faceC - wetness * EVAPORATES * Math.max(0, saturationPa(faceC) - 2500));
    },
  };
  return { ...truth, slowC, coveredMin, hotC, targetC, said, core: coreOf(truth, kind, 9) };
}

/** A roast of any kind by one of them, and what it is out at. @param draw uniform numbers in [0, 1) */
export function otherRoast(model: keyof typeof OTHER_MODELS, draw: () => number) {
  const drawn = drawnRoast(draw);
  return { ...drawn, core: coreOf(drawn.truth, OTHER_MODELS[model](drawn.truth, draw), 8) };
}
