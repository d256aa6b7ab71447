import type { BodyShape } from "../diffusion/grid";
import { remembered } from "../remembered";
import { rootBetween } from "../root-between";
import { airIn, biotOf, diffusionMin, type HeatedStretch } from "./covering";
import { RING_STEP, Rings, type Air } from "./rings";

/**
 * The middle of a piece from the oven to the table: through every stage of its cook, out, and through its rest, in which
 * it still climbs. One run answers where to take it out so that it ends where the cook wants it, how far it climbs, and
 * how long it stands at which temperature.
 */

export interface HeatedPiece {
  shape: BodyShape;
  /** Face to middle, mm. */
  halfThicknessMm: number;
  startC: number;
}

/** Resting in the room, loosely tented; and in a crust, which stays hot about it. Estimates. */
const REST_OPEN = { airC: 22, filmWPerM2K: 10.5, wetness: 0.11 };
const REST_IN_CRUST = { airC: 60, filmWPerM2K: 20, wetness: 0 };
/** The climb is looked for so long, whatever the rest asked for, min; a crust is opened after its rest, and climbs no more. */
const LOOKED_AT_LEAST_MIN = 45;
const OPENED_WITHIN_MIN = 3;
export const climbsFor = (restMin: number, inCrust: boolean): number =>
  inCrust ? restMin + OPENED_WITHIN_MIN : Math.max(restMin, LOOKED_AT_LEAST_MIN);

/** How far this kitchen's heating may lie from the usual: time over that of the table's flesh. */
const SLOWEST = 1 / 5;
const FASTEST = 5;
/** How far apart paces are first tried, in their logarithm. */
const STRIDE = 0.4;
/** Near enough to stop looking, °C. */
export const CLOSE_C = 0.02;
/** Points of a course kept for drawing and integrating. */
const POINTS = 160;

export interface CoursePoint {
  /** Minutes after going into the heat. */
  atMin: number;
  coreC: number;
}

export interface HeatCourse {
  points: CoursePoint[];
  /** When it comes out, min, and what its middle is then. */
  outMin: number;
  outC: number;
  /** What it climbs to, and when. */
  endC: number;
  endMin: number;
}

/** How far it climbs out of the heat, °C. */
export interface Climb {
  low: number;
  likely: number;
  high: number;
}

interface Guess {
  pace: number;
  /** Wetness of every face over the table's. */
  wetter: number;
}

/** What it meets out of the heat. */
export const restAir = ({ halfThicknessMm }: HeatedPiece, inCrust: boolean, wetter: number): Air => {
  const { airC, filmWPerM2K, wetness } = inCrust ? REST_IN_CRUST : REST_OPEN;
  return { airC, biot: biotOf(filmWPerM2K, halfThicknessMm), wetness: wetness * wetter };
};

/** Runs a piece through its stages and its rest. */
function run(
  piece: HeatedPiece,
  stretches: readonly HeatedStretch[],
  restMin: number,
  { pace, wetter }: Guess,
): HeatCourse {
  const rings = Rings.at(piece.shape, piece.startC);
  const unit = diffusionMin(piece.halfThicknessMm, pace);
  const points: CoursePoint[] = [{ atMin: 0, coreC: piece.startC }];
  const outMin = stretches.reduce((sum, s) => sum + s.minutes, 0);
  const keepEvery = (outMin + restMin) / POINTS;
  let atMin = 0;
  const through = (air: (atMin: number) => Air, minutes: number) => {
    const until = atMin + minutes;
    while (atMin < until - 1e-9) {
      const dt = Math.min(RING_STEP, (until - atMin) / unit);
      rings.step(air(atMin), dt);
      atMin += dt * unit;
      const last = points[points.length - 1];
      if (atMin - last.atMin >= keepEvery) points.push({ atMin, coreC: rings.coreC });
    }
  };
  for (const stretch of stretches) through(airIn(piece, stretch, { film: 1, wetter }), stretch.minutes);
  points.push({ atMin, coreC: rings.coreC });
  const outC = rings.coreC;
  const inCrust = stretches[stretches.length - 1]?.cover === "crust";
  const rest = restAir(piece, inCrust, wetter);
  through(() => rest, climbsFor(restMin, inCrust));
  const after = points.filter((p) => p.atMin >= outMin - 1e-9);
  const end = after.reduce((most, p) => (p.coreC > most.coreC ? p : most));
  return {
    points: points.filter((p) => p.atMin <= outMin + restMin + 1e-6),
    outMin,
    outC,
    endC: end.coreC,
    endMin: end.atMin,
  };
}

/**
 * Flesh that must hurry more than so much to be there in time is taken to have a drying face as well, for that is likelier
 * than flesh so fast: by so many powers of what is still wanting. *Estimates*.
 */
const HURRY = { usual: 1.6, dries: 4 };

/** A piece that heats so much faster than the table's, with a face that has dried as far as that is likely. */
const hurried = (pace: number, wetter: number): Guess => ({
  pace,
  wetter: wetter * Math.min(1, HURRY.usual / pace) ** HURRY.dries,
});

/** The run at the pace at which the middle climbs to what is wanted. */
function paced(
  piece: HeatedPiece,
  stretches: readonly HeatedStretch[],
  restMin: number,
  endC: number,
  wetter: number,
): HeatCourse {
  const runs = new Map<number, HeatCourse>();
  const at = (logPace: number) => {
    const known = runs.get(logPace) ?? run(piece, stretches, restMin, hurried(Math.exp(logPace), wetter));
    runs.set(logPace, known);
    return known;
  };
  const over = (logPace: number) => at(logPace).endC - endC;
  const [slowest, fastest] = [Math.log(SLOWEST), Math.log(FASTEST)];
  // From the usual pace outwards: most cooks are near it, and fast flesh takes the most steps.
  let fast = 0;
  while (over(fast) < 0 && fast < fastest) fast = Math.min(fastest, fast + STRIDE);
  let slow = fast > 0 ? fast - STRIDE : 0;
  while (over(slow) > 0 && slow > slowest) slow = Math.max(slowest, slow - STRIDE);
  // Where not even the fastest flesh gets there, the heat is under what is wanted: that is the answer.
  return at(rootBetween(over, slow, fast, { closeTo0: CLOSE_C, relative: 1e-4 }));
}

/** A drier and a damper face than the likely one: what the climb is in doubt by, most of all. Estimates. */
const DAMPER = 1.5;
const DRIER = 0.65;
export interface CourseToEnd extends HeatCourse {
  climb: Climb;
}

/**
 * A cook of known stages that ends where the cook wants it: the minutes are the cook's, the flesh is taken to heat as fast
 * as they say. A thick roast out of a hot oven climbs most; a slow oven leaves hardly anything to climb.
 * @param endC the middle at its highest, in the rest, °C
 * @returns the likely course; where to take it out is `endC − climb.low`, so that the least climb still ends there
 * Source: rings with a damp face (`rings.ts`); film, wetness and rest are estimates, checked against the trade's carry-over.
 */
export function courseToEnd(
  piece: HeatedPiece,
  stretches: readonly HeatedStretch[],
  restMin: number,
  endC: number,
): CourseToEnd {
  return courses(JSON.stringify([piece, stretches, restMin, endC]), () =>
    workedOut(piece, stretches, restMin, endC),
  );
}

function workedOut(
  piece: HeatedPiece,
  stretches: readonly HeatedStretch[],
  restMin: number,
  endC: number,
): CourseToEnd {
  const climbOf = (c: HeatCourse) => Math.max(0, c.endC - c.outC);
  const climbAt = (wetter: number) => climbOf(paced(piece, stretches, restMin, endC, wetter));
  const course = paced(piece, stretches, restMin, endC, 1);
  const likely = climbOf(course);
  const low = Math.min(likely * 0.8, climbAt(DAMPER));
  const high = Math.max(likely * 1.2, climbAt(DRIER));
  return { ...course, climb: { low, likely, high } };
}

/** The same question is asked again and again by one page: its answer is kept. */
const courses = remembered<CourseToEnd>(200);
