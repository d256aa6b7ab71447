import { remembered } from "../remembered";
import { rootBetween } from "../root-between";
import { climbsFor, CLOSE_C, restAir, type HeatedPiece } from "./course";
import { airIn, diffusionMin, type Cover } from "./covering";
import { RING_STEP, Rings } from "./rings";

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

/**
 * Minutes in an oven until the middle, taken out, climbs to what is wanted: the engine's own estimate, to be held against
 * what the trade counts.
 * @returns undefined where it does not get there within a day
 */
export function engineMinutes(
  piece: HeatedPiece,
  airC: number,
  cover: Cover,
  restMin: number,
  endC: number,
): number | undefined {
  return minutes(JSON.stringify([piece, airC, cover, restMin, endC]), () => {
    let least = Infinity;
    for (const { wetter, takes } of DRYING) {
      const minutes = takes * heatedFor(piece, { airC, cover }, wetter, restMin, endC);
      // Once a drier face takes no less, none that is drier still does by more than a hair.
      if (minutes >= least && least < Infinity) break;
      least = minutes;
    }
    return least === Infinity ? undefined : least;
  });
}

/** The same question is asked again and again by one page: its answer is kept. */
const minutes = remembered<number | undefined>(400);

/** Minutes with a face so wet over the usual, as it is from first to last; Infinity where it does not get there. */
function heatedFor(
  piece: HeatedPiece,
  { airC, cover }: { airC: number; cover: Cover },
  wetter: number,
  restMin: number,
  endC: number,
): number {
  const { shape, halfThicknessMm, startC } = piece;
  const unit = diffusionMin(halfThicknessMm);
  const longest = Math.min(DAY_MIN, LONGEST_UNITS * unit);
  const air = airIn(piece, { airC, cover }, { film: 1, wetter });
  const rest = restAir(piece, cover === "crust", wetter);
  /** Heats a piece from one minute to another. */
  const heat = (rings: Rings, fromMin: number, toMin: number) => {
    for (let at = fromMin; at < toMin - 1e-9;) {
      const dt = Math.min(RING_STEP, (toMin - at) / unit);
      rings.step(air(at), dt);
      at += dt * unit;
    }
  };
  // Heated once, kept as it was every so often; taken out at any minute it goes on from there.
  const every = KEPT_EVERY * RING_STEP * unit;
  const kept = [Rings.at(shape, startC)];
  let hot = kept[0];
  while (hot.coreC < endC && kept.length * every < longest) {
    hot = hot.copy();
    heat(hot, (kept.length - 1) * every, kept.length * every);
    kept.push(hot);
  }
  const endsOver = (minutes: number) => {
    const before = Math.min(kept.length - 1, Math.floor(minutes / every));
    const rings = kept[before].copy();
    heat(rings, before * every, minutes);
    return rings.peak(rest, climbsFor(restMin, cover === "crust") / unit) - endC;
  };
  const last = (kept.length - 1) * every;
  return endsOver(last) < 0
    ? Infinity
    : rootBetween(endsOver, 0, last, { closeTo0: CLOSE_C, relative: 1e-4 });
}

const DAY_MIN = 24 * 60;
/** Steps between what is kept of a piece in the heat. */
const KEPT_EVERY = 8;
/** Past so many diffusion times nothing changes any more. */
const LONGEST_UNITS = 6;
