import fc from "fast-check";
import { betweenNodes, nodeDraws } from "./between-nodes";
import type { Draw } from "./draws";

/* Against the parabolas as they are written down, hour by hour from the first. */

const NODES = [-2.2, 0, 2.2];
const HOURS = Float64Array.from({ length: 61 }, (_, i) => 0.01 * 1.15 ** i);

const lagrange = (at: number, x: number): number =>
  NODES.reduce(
    (product, other, i) => (i === at ? product : (product * (x - other)) / (NODES[at] - other)),
    1,
  );

function hourByHour(courses: readonly Float64Array[], draw: Draw): number {
  let [before, beforeH] = [0, 0];
  for (let k = 0; k < HOURS.length; k++) {
    const along = courses.reduce(
      (sum, course, i) =>
        sum +
        course[k] *
          lagrange(Math.floor(i / 9), draw.thickness) *
          lagrange(Math.floor(i / 3) % 3, draw.rate) *
          lagrange(i % 3, draw.strength),
      0,
    );
    if (along >= 1) return beforeH + ((1 - before) / (along - before)) * (HOURS[k] - beforeH);
    [before, beforeH] = [along, HOURS[k]];
  }
  return Infinity;
}

/** How fast each comes along, and how far it gets: some never come to 1, and some turn back again. */
const course = fc
  .record({
    pace: fc.double({ min: 0.05, max: 20, noNaN: true }),
    most: fc.double({ min: 0.3, max: 2.5, noNaN: true }),
    back: fc.double({ min: 0, max: 0.02, noNaN: true }),
  })
  .map(({ pace, most, back }) =>
    HOURS.map((h) => most * (1 - Math.exp(-pace * Math.sqrt(h))) * Math.exp(-back * h)),
  );
const doubt = fc.double({ min: -3, max: 3, noNaN: true });
const draws = fc.record({ thickness: doubt, rate: doubt, strength: doubt });

test("a soak between the nodes gets there at the first hour the parabolas say, and at none where they say none", () =>
  fc.assert(
    fc.property(fc.array(course, { minLength: 27, maxLength: 27 }), draws, (courses, draw) => {
      const wanted = hourByHour(courses, draw);
      const read = betweenNodes(courses, HOURS, (thickness) => thickness)(draw);
      if (wanted === Infinity) expect(read).toBe(Infinity);
      else expect(Math.abs(read / wanted - 1)).toBeLessThan(1e-6);
    }),
    { numRuns: 300 },
  ));

test("at a node it is that node's own soak", () => {
  const courses = nodeDraws().map((_, i) => HOURS.map((h) => h / (1 + i)));
  nodeDraws().forEach((draw, i) => {
    expect(betweenNodes(courses, HOURS, (thickness) => thickness)(draw)).toBeCloseTo(1 + i, 6);
  });
});
