import { SHAPE_EXPONENT, type BodyShape } from "../diffusion/grid";

/**
 * A piece of flesh in the heat as rings of equal width: what the air brings, less what the evaporating water takes, flesh
 * that conducts better as it warms. Explicit in time; time runs in diffusion times (half thickness squared over the cold
 * diffusivity), so that one run serves every pace.
 */

/** What the face meets. */
export interface Air {
  airC: number;
  /** Film times half thickness over the cold conductivity. */
  biot: number;
  /** How freely the face gives off water, 0 a dry one, 1 an open pan of water. */
  wetness: number;
}

/** Psychrometer constant at one atmosphere, Pa/K (FAO Irrigation and Drainage Paper 56, 0.665e-3 × pressure). */
const PSYCHROMETER_PA_PER_K = 67;
/** Vapour in the air of a closed oven with a roast in it, Pa. Estimate. */
const OVEN_VAPOUR_PA = 3000;
/** Conductivity of moist flesh rises so much per °C, as that of its water does. *From memory*. */
const CONDUCTS_MORE_PER_C = 0.0018;
export const RINGS = 12;
/** Explicit steps are stable to a half of the ring's own diffusion time; the warm flesh conducts up to a fifth more. */
export const RING_STEP = 0.4 / RINGS ** 2 / (1 + CONDUCTS_MORE_PER_C * 100);

/**
 * Saturation vapour pressure of water, Pa.
 * @param celsius −20 to 120
 * Source: Magnus form with the constants of the WMO Guide to Instruments (No. 8); within 1 % up to the boil.
 */
export const saturationPa = (celsius: number): number =>
  611.2 * Math.exp((17.62 * celsius) / (243.12 + celsius));

interface Measures {
  volumes: Float64Array;
  /** Outer face of each ring. */
  faces: Float64Array;
}

function measuresOf(shape: BodyShape): Measures {
  const exponent = SHAPE_EXPONENT[shape];
  const power = exponent + 1;
  return {
    volumes: Float64Array.from({ length: RINGS }, (_, i) => ((i + 1) ** power - i ** power) / power),
    faces: Float64Array.from({ length: RINGS }, (_, i) => (i + 1) ** exponent),
  };
}

/** The same for every piece of a shape. */
const MEASURES: Record<BodyShape, Measures> = {
  slab: measuresOf("slab"),
  cylinder: measuresOf("cylinder"),
  sphere: measuresOf("sphere"),
};

export class Rings {
  private constructor(
    private readonly measures: Measures,
    private readonly at: Float64Array,
  ) {}

  static at(shape: BodyShape, everywhereC: number): Rings {
    return new Rings(MEASURES[shape], new Float64Array(RINGS).fill(everywhereC));
  }

  copy(): Rings {
    return new Rings(this.measures, this.at.slice());
  }

  get coreC(): number {
    return this.at[0];
  }

  get faceC(): number {
    return this.at[RINGS - 1];
  }

  /** Volume-weighted mean, °C. */
  get meanC(): number {
    const { at, measures } = this;
    let heat = 0;
    let volume = 0;
    for (let i = 0; i < RINGS; i++) {
      heat += at[i] * measures.volumes[i];
      volume += measures.volumes[i];
    }
    return heat / volume;
  }

  /** The most its middle comes to in so many diffusion times of one air; once it falls it climbs no more. */
  peak(air: Air, times: number): number {
    let most = this.coreC;
    for (let at = 0; at < times - 1e-9; at += RING_STEP) {
      this.step(air, Math.min(RING_STEP, times - at));
      if (this.coreC < most) break;
      most = this.coreC;
    }
    return most;
  }

  /** One step of `RING_STEP` diffusion times, or a shorter one. */
  step({ airC, biot, wetness }: Air, dt = RING_STEP): void {
    const { at } = this;
    const { faces, volumes } = this.measures;
    const face = at[RINGS - 1];
    const cooled = (wetness * (saturationPa(Math.min(face, 110)) - OVEN_VAPOUR_PA)) / PSYCHROMETER_PA_PER_K;
    // Half a ring lies between the last middle and the face: film and half ring in a row.
    const film = biot / RINGS / (1 + biot / (2 * RINGS));
    const brought = film * faces[RINGS - 1] * (airC - face - cooled);
    const risen = (i: number, heat: number) => (heat * dt * RINGS ** 2) / volumes[i];
    // What a ring lets in is what the next one loses: each is moved on once both its flows are known.
    let lost = 0;
    let own = at[0];
    for (let i = 0; i < RINGS - 1; i++) {
      const next = at[i + 1];
      const flow = (1 + (CONDUCTS_MORE_PER_C * (own + next)) / 2) * faces[i] * (next - own);
      at[i] = own + risen(i, flow - lost);
      lost = flow;
      own = next;
    }
    at[RINGS - 1] = own + risen(RINGS - 1, brought - lost);
  }
}
