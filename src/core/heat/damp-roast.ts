import type { BodyShape } from "../diffusion/grid";
import { biotOf } from "./covering";
import { RING_STEP, Rings, type Air } from "./rings";

export { saturationPa } from "./rings";

/** A piece in one dry heat with a damp face. */
export interface DampRoast extends Air {
  shape: BodyShape;
  startC: number;
}

export interface CoreCourse {
  /** In diffusion times, rising. */
  times: number[];
  cores: number[];
}

const LONGEST = 8;
const KEEP_EVERY = 6;

/**
 * Core over time until it stands at `untilC`; shorter of that where it never does.
 * @param airAt what the face meets, by diffusion times
 */
export function coreUntil(
  { shape, startC }: { shape: BodyShape; startC: number },
  airAt: (time: number) => Air,
  untilC: number,
  longest = LONGEST,
): CoreCourse {
  const rings = Rings.at(shape, startC);
  const times = [0];
  const cores = [startC];
  for (let step = 1; step * RING_STEP <= longest; step++) {
    rings.step(airAt(step * RING_STEP));
    const done = rings.coreC >= untilC;
    if (step % KEEP_EVERY === 0 || done) {
      times.push(step * RING_STEP);
      cores.push(rings.coreC);
    }
    if (done) break;
  }
  return { times, cores };
}

/** The same in one dry heat, whose face stays as it is. */
export const dampRoast = ({ shape, startC, ...air }: DampRoast, untilC: number): CoreCourse =>
  coreUntil({ shape, startC }, () => air, untilC);

/** A fridge-cold piece in a usual oven: film W/(m² K). *Practice*. */
const USUAL = { startC: 6, filmWPerM2K: 20 };
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
  const biot = biotOf(USUAL.filmWPerM2K, halfMm);
  const wetness = piece.dry ? 0 : USUAL_WETNESS;
  const { times, cores } = dampRoast({ shape, startC: USUAL.startC, airC, biot, wetness }, toC);
  return cores[cores.length - 1] >= toC ? times[times.length - 1] * halfMm ** 2 : undefined;
}
