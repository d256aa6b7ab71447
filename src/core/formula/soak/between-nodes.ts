import type { Draw } from "./draws";

/** Where soaks are run, in standard deviations either way; nearly all draws lie between. */
const NODES = [-2.2, 0, 2.2];

/** Thinnest, fastest, strongest: what this one does not come to, none does. */
export const QUICKEST: Draw = { thickness: NODES[0], rate: NODES[2], strength: NODES[2] };

/** Every combination of few, middle and much of the three doubts. */
export const nodeDraws = (): Draw[] =>
  NODES.flatMap((thickness) =>
    NODES.flatMap((rate) => NODES.map((strength) => ({ thickness, rate, strength }))),
  );

/**
 * When a soak between the nodes gets there. How far along one is, is smooth in all three doubts where the hours are taken in
 * their own measure, that of a soak's thickness squared over its rate: a parabola in each tells it, at any hour, whether it
 * ever gets there or not.
 * @param courses how far along each of `nodeDraws` is, in its order, at each of the hours; 1 is there
 * @param hours in every soak's own measure, rising, > 0
 * @param place the thickness coordinate of a draw, where courses are smoothest; *rising*
 * @returns the hour of any draw, in its own measure; Infinity where it does not come to it
 */
export function betweenNodes(
  courses: readonly Float64Array[],
  hours: Float64Array,
  place: (thickness: number) => number,
): (draw: Draw) => number {
  const places = NODES.map(place);
  const bounds = courses.map(boundsOf);
  return (draw) => {
    const thickness = weights(places, place(draw.thickness));
    const rate = weights(NODES, draw.rate);
    const strength = weights(NODES, draw.strength);
    const shares = courses.map(
      (_, i) => thickness[Math.floor(i / 9)] * rate[Math.floor(i / 3) % 3] * strength[i % 3],
    );
    const alongAt = (k: number) => {
      let along = 0;
      for (let i = 0; i < shares.length; i++) along += shares[i] * courses[i][k];
      return along;
    };
    for (let block = 0; block * BLOCK < hours.length; block++) {
      if (mostIn(bounds, shares, block) < NEARLY) continue;
      const end = Math.min(hours.length, (block + 1) * BLOCK);
      for (let k = block * BLOCK; k < end; k++) {
        const along = alongAt(k);
        if (along < 1) continue;
        const [before, beforeH] = k === 0 ? [0, 0] : [alongAt(k - 1), hours[k - 1]];
        return beforeH + ((1 - before) / (along - before)) * (hours[k] - beforeH);
      }
    }
    return Infinity;
  };
}

/** Hours that are passed over at once where nothing gets there in any of them. */
const BLOCK = 8;
/** What stays under this by its bound is under 1, whatever the rounding. */
const NEARLY = 1 - 1e-9;

/** The least and the most of a course in every block of hours. */
interface Bounds {
  least: Float64Array;
  most: Float64Array;
}

function boundsOf(course: Float64Array): Bounds {
  const blocks = Array.from({ length: Math.ceil(course.length / BLOCK) }, (_, block) =>
    course.subarray(block * BLOCK, (block + 1) * BLOCK),
  );
  return {
    least: Float64Array.from(blocks, (block) => Math.min(...block)),
    most: Float64Array.from(blocks, (block) => Math.max(...block)),
  };
}

/** So far along and no further is a soak between the courses anywhere in a block. */
function mostIn(bounds: readonly Bounds[], shares: readonly number[], block: number): number {
  let along = 0;
  for (let i = 0; i < shares.length; i++) {
    const { least, most } = bounds[i];
    along += shares[i] * (shares[i] > 0 ? most[block] : least[block]);
  }
  return along;
}

/** Lagrange's weights of three points. */
function weights([a, b, c]: readonly number[], x: number): [number, number, number] {
  return [
    ((x - b) * (x - c)) / ((a - b) * (a - c)),
    ((x - a) * (x - c)) / ((b - a) * (b - c)),
    ((x - a) * (x - b)) / ((c - a) * (c - b)),
  ];
}
