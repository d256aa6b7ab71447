import type { BodyShape } from "../diffusion/grid";
import { remembered } from "../remembered";
import { RING_STEP, Rings, type Air } from "./rings";

/**
 * The middle of a piece from the oven to the table: through every stage of its cook, out, and through its rest, in which
 * it still climbs. One run answers where to take it out so that it ends where the cook wants it, how far it climbs, and
 * how long it stands at which temperature.
 */

export type Covering = "open" | "lid" | "foil" | "pouch" | "crust";

export interface HeatedPiece {
  shape: BodyShape;
  /** Face to middle, mm. */
  halfThicknessMm: number;
  startC: number;
}

export interface HeatedStretch {
  airC: number;
  minutes: number;
  cover: Covering;
}

/** Lean flesh, cold: m²/s and W/(m K), *from memory*. */
const ALPHA_M2_PER_S = 1.3e-7;
const CONDUCTIVITY_W_PER_M_K = 0.46;
/**
 * What reaches the face, W/(m² K), and how freely it gives off water, by what covers it. Estimates: an open roast as in a
 * still domestic oven; a lid, foil or pouch holds its own steam, a crust lets nothing off.
 */
const FACE: Record<Covering, { filmWPerM2K: number; wetness: number }> = {
  open: { filmWPerM2K: 17, wetness: 0.11 },
  lid: { filmWPerM2K: 15, wetness: 0.03 },
  foil: { filmWPerM2K: 13, wetness: 0.03 },
  pouch: { filmWPerM2K: 13, wetness: 0 },
  crust: { filmWPerM2K: 60, wetness: 0 },
};
/**
 * Damp salt holds the food near the boil while the oven dries it: what the food meets within a crust rises to the boil and
 * a fifth of the oven above it, over about twenty minutes. Estimates: so set that 900 g of celeriac takes 95 to 120 min at
 * 200 °C, as a model of crust and food in two layers has it.
 */
const CRUST = { boilC: 100, ovenShare: 0.2, warmsOverMin: 20 };
/** Resting in the room, loosely tented; and in a crust, which stays hot about it. Estimates. */
const REST_OPEN = { airC: 22, filmWPerM2K: 10.5, wetness: 0.11 };
const REST_IN_CRUST = { airC: 60, filmWPerM2K: 20, wetness: 0 };
/** The climb is looked for so long, whatever the rest asked for, min; a crust is opened after its rest, and climbs no more. */
const LOOKED_AT_LEAST_MIN = 45;
const OPENED_WITHIN_MIN = 3;
/** How far this kitchen's heating may lie from the usual: time over that of the table's flesh. */
const SLOWEST = 1 / 5;
const FASTEST = 5;
const HALVINGS = 16;
/** Near enough to stop halving, °C. */
const CLOSE_C = 0.02;
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

const airOf = (
  { airC, filmWPerM2K, wetness }: { airC: number; filmWPerM2K: number; wetness: number },
  halfThicknessMm: number,
  wetter: number,
): Air => ({
  airC,
  biot: (filmWPerM2K * halfThicknessMm) / 1000 / CONDUCTIVITY_W_PER_M_K,
  wetness: wetness * wetter,
});

/** What the face meets, minute by minute. */
function airIn(piece: HeatedPiece, { airC, cover }: Pick<HeatedStretch, "airC" | "cover">, wetter: number) {
  const even = airOf({ airC, ...FACE[cover] }, piece.halfThicknessMm, wetter);
  if (cover !== "crust") return () => even;
  const topC = CRUST.boilC + CRUST.ovenShare * (airC - CRUST.boilC);
  return (atMin: number): Air => ({
    ...even,
    airC: piece.startC + (topC - piece.startC) * (1 - Math.exp(-atMin / CRUST.warmsOverMin)),
  });
}

const restAir = (piece: HeatedPiece, inCrust: boolean, wetter: number) => {
  const air = airOf(inCrust ? REST_IN_CRUST : REST_OPEN, piece.halfThicknessMm, wetter);
  return () => air;
};

/** Minutes of one diffusion time of a piece at a pace. */
const diffusionMin = (piece: HeatedPiece, pace: number) =>
  (piece.halfThicknessMm / 1000) ** 2 / ALPHA_M2_PER_S / 60 / pace;

/** Runs a piece through its stages and its rest. */
function run(
  piece: HeatedPiece,
  stretches: readonly HeatedStretch[],
  restMin: number,
  { pace, wetter }: Guess,
): HeatCourse {
  const rings = Rings.at(piece.shape, piece.startC);
  const unit = diffusionMin(piece, pace);
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
  for (const stretch of stretches) through(airIn(piece, stretch, wetter), stretch.minutes);
  points.push({ atMin, coreC: rings.coreC });
  const outC = rings.coreC;
  const inCrust = stretches[stretches.length - 1]?.cover === "crust";
  through(
    restAir(piece, inCrust, wetter),
    inCrust ? restMin + OPENED_WITHIN_MIN : Math.max(restMin, LOOKED_AT_LEAST_MIN),
  );
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

/** The pace at which the middle climbs to what is wanted; the run at it. */
function paced(
  piece: HeatedPiece,
  stretches: readonly HeatedStretch[],
  restMin: number,
  endC: number,
  wetter: number,
): HeatCourse {
  let [slow, fast] = [SLOWEST, FASTEST];
  let found = run(piece, stretches, restMin, { pace: fast, wetter });
  // Not even the fastest flesh gets there: a damp face holds it down.
  if (found.endC < endC) return found;
  for (let i = 0; i < HALVINGS && Math.abs(found.endC - endC) > CLOSE_C; i++) {
    const pace = Math.sqrt(slow * fast);
    found = run(piece, stretches, restMin, { pace, wetter });
    if (found.endC < endC) slow = pace;
    else fast = pace;
  }
  return found;
}

/** A drier and a damper face than the likely one: what the climb is in doubt by, most of all. Estimates. */
const DAMPER = 1.5;
const DRIER = 0.65;
/**
 * A face that has dried out lets the middle past where evaporation would hold it. It dries on the way: reckoned as dry from
 * the start, a cook would be short by so much. *Estimates*, as the damp face takes where it gets there easily, so that
 * minutes go smoothly from one to the next.
 */
const DRYING: readonly { wetter: number; takes: number }[] = [
  { wetter: 1, takes: 1 },
  { wetter: 0.5, takes: 1.25 },
  { wetter: 0.2, takes: 1.45 },
  { wetter: 0.05, takes: 1.6 },
  { wetter: 0, takes: 1.65 },
];
/** Near enough to what is wanted, °C. */
const NEAR_C = 0.5;

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
  const drying =
    DRYING.find((d) => Math.abs(paced(piece, stretches, restMin, endC, d.wetter).endC - endC) < NEAR_C)
      ?.wetter ?? 0;
  const climbAt = (wetter: number) => {
    const course = paced(piece, stretches, restMin, endC, drying * wetter);
    // A face so damp that it never gets there says nothing of the climb.
    return Math.abs(course.endC - endC) < NEAR_C ? Math.max(0, course.endC - course.outC) : undefined;
  };
  const course = paced(piece, stretches, restMin, endC, drying);
  const likely = Math.max(0, course.endC - course.outC);
  const low = Math.min(likely * 0.8, climbAt(DAMPER) ?? likely * 0.6);
  const high = Math.max(likely * 1.2, climbAt(DRIER) ?? likely * 1.4);
  return { ...course, climb: { low, likely, high } };
}

/**
 * Minutes in an oven until the middle, taken out, climbs to what is wanted: the engine's own estimate, to be held against
 * what the trade counts.
 * @returns undefined where it does not get there within a day
 */
export function engineMinutes(
  piece: HeatedPiece,
  airC: number,
  cover: Covering,
  restMin: number,
  endC: number,
): number | undefined {
  return minutes(JSON.stringify([piece, airC, cover, restMin, endC]), () =>
    heatedFor(piece, airC, cover, restMin, endC),
  );
}

/** The same question is asked again and again by one page: its answer is kept. */
const courses = remembered<CourseToEnd>(200);
const minutes = remembered<number | undefined>(400);

function heatedFor(
  piece: HeatedPiece,
  airC: number,
  cover: Covering,
  restMin: number,
  endC: number,
): number | undefined {
  const longest = Math.min(DAY_MIN, LONGEST_UNITS * diffusionMin(piece, 1));
  const until = (wetter: number): number => {
    const ends = (minutes: number) =>
      run(piece, [{ airC, minutes, cover }], restMin, { pace: 1, wetter }).endC;
    if (ends(longest) < endC) return Infinity;
    let [short, long] = [0, longest];
    while (long - short > 0.25) {
      const middle = (short + long) / 2;
      if (ends(middle) < endC) short = middle;
      else long = middle;
    }
    return long;
  };
  let least = Infinity;
  for (const { wetter, takes } of DRYING) {
    const minutes = takes * until(wetter);
    // Once a drier face takes no less, none that is drier still does by more than a hair.
    if (minutes >= least && least < Infinity) break;
    least = minutes;
  }
  return least === Infinity ? undefined : least;
}

const DAY_MIN = 24 * 60;
/** Past so many diffusion times nothing changes any more. */
const LONGEST_UNITS = 6;
