import type { BodyShape } from "../diffusion/grid";
import { interpolate } from "../interpolate";
import { remembered } from "../remembered";
import { airAlong, diffusionMin, FACE, type FaceGuess, type HeatedStretch } from "./covering";
import { coreUntil, type CoreCourse } from "./damp-roast";

/**
 * When a roast will be done, from what its probe has read: one family of curves, three unknowns. How fast this piece
 * heats (a time scale over the likely one), how freely its face gives off water (which holds it well under the dial),
 * and how much this oven brings to it. Every triple is weighed by how well it fits; what they predict, so weighed, is
 * the answer.
 */
export interface ForecastInput {
  shape: BodyShape;
  halfThicknessMm: number;
  /** Its heat from when it went in: oven, cover, what it is opened for; the last stretch goes on. */
  stretches: readonly HeatedStretch[];
  /** Skin lets less water off than bare flesh. */
  skin?: boolean | undefined;
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

/** What ovens bring to an open face, W/(m² K): still to fanned. *Practice*. */
const FILMS = [15, 20, 27];
/** How freely an open face gives off water against an open pan: brown and dry to wet through. Estimates. */
const WETNESSES = [0.02, 0.04, 0.07, 0.11, 0.16, 0.24, 0.36];
/**
 * A face that dries as it roasts lets the core go on where a damp one holds it: in how many diffusion times, and how freely
 * it gave off water before. Nobody knows it from a probe beforehand: each is taken to be as likely as a face that stays as
 * it is. Estimates.
 */
const DRIES_IN = [0.5, 0.2];
const DRYING_WETNESSES = [0.01, 0.05, 0.15, 0.3];
const WETNESS_LIKELY = { bare: 0.1, skin: 0.06 };
const WETNESS_DOUBT = 0.8;
/** What a probe is in doubt by, °C: reading, placing, lag. *Practice*. */
const PROBE_DOUBT_C = 0.4;
/** However many readings there are, they say as much as so many. */
const COUNT_AS = 12;
const PACES = 91;
/** Where the heat changes on the way, a slower piece is elsewhere when it does: so many paces are run, others read between. */
const KNOTS = 13;
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
  const fromMin = readings[0].atMin;
  const unit = diffusionMin(input.halfThicknessMm);
  const likely = input.skin ? WETNESS_LIKELY.skin : WETNESS_LIKELY.bare;
  const candidates: Candidate[] = [];
  for (const { wetness, at } of familyOf(input, readings[0])) {
    for (let i = 0; i < PACES; i++) {
      const pace = paceAt(i / (PACES - 1));
      const course = at(i / (PACES - 1));
      if (!course) continue;
      const doneMin = fromMin + (course.done * unit) / pace;
      if (doneMin <= last.atMin || doneMin > fromMin + DONE_LOOKS_MIN) continue;
      const model = (atMin: number) => course.core(((atMin - fromMin) * pace) / unit);
      const prior = (Math.log(pace) / PACE_DOUBT) ** 2 + (Math.log(wetness / likely) / WETNESS_DOUBT) ** 2;
      candidates.push({ doneMin, misfit: misfitOf(readings, model), prior, model });
    }
  }
  return summed(candidates, fromMin, last.atMin);
}

/** @param share 0 the slowest piece, 1 the fastest */
const paceAt = (share: number) => SLOWEST * (FASTEST / SLOWEST) ** share;

/** A core in diffusion times, and when it is done. */
interface Course {
  done: number;
  core: (time: number) => number;
}

/** One face of the family: its course by how fast the piece is, undefined where it never gets there. */
interface Face {
  wetness: number;
  at: (share: number) => Course | undefined;
}

/** A roast asks for the same curves with each new reading: so many roasts are remembered. */
const families = remembered<Face[]>(16);

/** The curves of a piece that began at a temperature, one for each film and wetness of the face. */
function familyOf(
  { shape, halfThicknessMm, stretches, targetC }: Omit<ForecastInput, "readings">,
  first: ForecastInput["readings"][number],
): Face[] {
  const knots = isEven(stretches) ? 1 : KNOTS;
  const ran = (face: Omit<FaceGuess, "driesInMin">, driesIn?: number) =>
    Array.from({ length: knots }, (_, k) => {
      const unit = diffusionMin(halfThicknessMm, knots === 1 ? 1 : paceAt(k / (knots - 1)));
      const piece = { shape, halfThicknessMm, startC: first.coreC };
      const driesInMin = driesIn === undefined ? undefined : driesIn * unit;
      const air = airAlong(piece, stretches, { ...face, driesInMin });
      return coreUntil(piece, (time) => air(first.atMin + time * unit), targetC, DONE_LOOKS_MIN / unit);
    });
  return families(JSON.stringify([shape, halfThicknessMm, stretches, targetC, first]), () =>
    FILMS.flatMap((film) => {
      const face = (wetness: number, driesIn?: number): Face => {
        const guess = { film: film / FACE.open.filmWPerM2K, wetter: wetness / FACE.open.wetness };
        return { wetness, at: between(ran(guess, driesIn), targetC) };
      };
      return [
        ...WETNESSES.map((wetness) => face(wetness)),
        ...DRIES_IN.flatMap((driesIn) => DRYING_WETNESSES.map((wetness) => face(wetness, driesIn))),
      ];
    }),
  );
}

/** One heat all the way: a course in diffusion times then serves every pace. */
const isEven = (stretches: readonly HeatedStretch[]): boolean =>
  stretches.every((s) => s.cover !== "crust" && !s.opened) &&
  stretches.every((s) => s.airC === stretches[0].airC && s.cover === stretches[0].cover);

/** Reads a course between those that were run, in diffusion times of its own. */
function between(ran: readonly CoreCourse[], targetC: number): Face["at"] {
  const courses = ran.map(({ times, cores }): Course | undefined =>
    cores[cores.length - 1] < targetC
      ? undefined
      : {
          done: interpolate(cores.slice(-2), times.slice(-2), targetC),
          core: (time) => interpolate(times, cores, time),
        },
  );
  const [only] = courses;
  if (courses.length === 1) return () => only;
  return (share) => {
    const place = share * (courses.length - 1);
    const below = Math.min(Math.floor(place), courses.length - 2);
    const [slower, faster] = [courses[below], courses[below + 1]];
    if (!slower || !faster) return undefined;
    const part = place - below;
    const mixed = (a: number, b: number) => a + part * (b - a);
    return {
      done: mixed(slower.done, faster.done),
      core: (time) => mixed(slower.core(time), faster.core(time)),
    };
  };
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
