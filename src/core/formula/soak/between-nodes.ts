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
 * Hours between the nodes. They go with thickness squared over the rate, and smoothly with the strength: their logarithm
 * is a parabola in each to well within a hundredth.
 * @param hours one for each of `nodeDraws`, in its order; undefined where it is not reached
 * @param place the thickness coordinate of a draw, where hours are smoothest; *rising*
 * @returns the hours of any draw; nothing where some of the nodes are not reached
 */
export function betweenNodes(
  hours: readonly (number | undefined)[],
  place: (thickness: number) => number,
): ((draw: Draw) => number) | undefined {
  if (!hours.every((h): h is number => h !== undefined && h > 0)) return undefined;
  const logs = hours.map(Math.log);
  const places = NODES.map(place);
  return (draw) => {
    const thickness = weights(places, place(draw.thickness));
    const rate = weights(NODES, draw.rate);
    const strength = weights(NODES, draw.strength);
    let sum = 0;
    for (let i = 0; i < logs.length; i++)
      sum += logs[i] * thickness[Math.floor(i / 9)] * rate[Math.floor(i / 3) % 3] * strength[i % 3];
    return Math.exp(sum);
  };
}

/** Lagrange's weights of three points. */
function weights([a, b, c]: readonly number[], x: number): [number, number, number] {
  return [
    ((x - b) * (x - c)) / ((a - b) * (a - c)),
    ((x - a) * (x - c)) / ((b - a) * (b - c)),
    ((x - a) * (x - b)) / ((c - a) * (c - b)),
  ];
}
