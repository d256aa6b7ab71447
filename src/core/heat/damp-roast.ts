import type { BodyShape } from "../diffusion/grid";
import { RING_STEP, Rings } from "./rings";

export { saturationPa } from "./rings";

/** A piece in one dry heat with a damp face; time in diffusion times. */
export interface DampRoast {
  shape: BodyShape;
  startC: number;
  airC: number;
  /** Film times half thickness over the cold conductivity. */
  biot: number;
  /** How freely the face gives off water, 0 a dry one, 1 an open pan of water. */
  wetness: number;
  /** In how long it gives off a third of that, in diffusion times; left out, it stays as it is. */
  driesIn?: number | undefined;
}

export interface CoreCourse {
  /** In diffusion times, rising. */
  times: number[];
  cores: number[];
}

const LONGEST = 8;
const KEEP_EVERY = 6;

/** Core over time until it stands at `untilC`; shorter of that where it never does. */
export function dampRoast({ driesIn = Infinity, ...roast }: DampRoast, untilC: number): CoreCourse {
  const rings = Rings.at(roast.shape, roast.startC);
  const air = { airC: roast.airC, biot: roast.biot, wetness: roast.wetness };
  const dries = Math.exp(-RING_STEP / driesIn);
  const times = [0];
  const cores = [roast.startC];
  for (let step = 1; step * RING_STEP <= LONGEST; step++) {
    air.wetness *= dries;
    rings.step(air);
    const done = rings.coreC >= untilC;
    if (step % KEEP_EVERY === 0 || done) {
      times.push(step * RING_STEP);
      cores.push(rings.coreC);
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
