import { bath, HOUR, ran, rest } from "./field/soaked.fixture";
import type { SolidAxis } from "./field/axis";
import { momentAt } from "./moment";
import type { SoakRun } from "./run";
import { sectionAt } from "./section";
import type { Body } from "./stages";

const plane = (mm: number, kind: "half" | "full" = "half", barrierM = 0): SolidAxis => ({
  kind,
  halfM: mm / 2000,
  barrierM,
  ...(kind === "full" && { otherBarrierM: 0 }),
});
const solid = (...axes: SolidAxis[]): Body => ({
  shape: "slab",
  halfThicknessM: axes[0].halfM,
  barrierM: axes[0].barrierM,
  solid: axes,
});
const cutAt = (run: SoakRun, hours: number): Float64Array => {
  const section = sectionAt(run, hours * HOUR);
  if (!section) throw new Error("no cut");
  return section;
};

/** Every cell of the cut by its size: the mean of the cut. */
function meanOf(run: SoakRun, section: Float64Array): number {
  const { deep, across } = run.section ?? { deep: [], across: [] };
  const width = across.length - 1;
  return section.reduce((sum, value, i) => {
    const [row, column] = [Math.floor(i / width), i % width];
    const size = (deep[row + 1] - deep[row]) * (across[column + 1] - across[column]);
    return sum + (value * size) / (deep[deep.length - 1] - deep[0]);
  }, 0);
}

test.each<[string, Body]>([
  ["a slab", solid(plane(40))],
  ["a slab with a face of its own", solid(plane(40, "full", 0.004))],
  ["a bar", solid(plane(40), plane(70))],
  ["a bar with a face of its own", solid(plane(40, "full", 0.004), plane(70))],
])("of %s the cut is all there is: its mean is the piece's, in the bath and at rest after it", (_, body) => {
  const run = ran(body, [bath(8), rest(16)], [HOUR, 4 * HOUR, 10 * HOUR, 20 * HOUR]);
  for (const hours of [1, 4, 8, 10, 20])
    expect(meanOf(run, cutAt(run, hours))).toBeCloseTo(momentAt(run, hours * HOUR).mean, 5);
});

test("between two moments the cut lies on the straight line between theirs; outside the run the first or last holds", () => {
  const run = ran(solid(plane(40), plane(70), plane(120)), [bath(8)], [2 * HOUR, 4 * HOUR]);
  const [two, four, third] = [cutAt(run, 2), cutAt(run, 4), cutAt(run, 2 + 2 / 3)];
  third.forEach((value, i) => expect(value).toBeCloseTo((2 * two[i] + four[i]) / 3, 12));
  expect(four[0]).toBeGreaterThan(two[0]);
  expect(cutAt(run, -1).every((value) => value === 0)).toBe(true);
  expect(cutAt(run, 99)).toEqual(cutAt(run, 8));
});

test("a round tells all by its shells: it has no cut", () => {
  const run = ran(solid({ kind: "radius", halfM: 0.03, barrierM: 0 }), [bath(8)], [HOUR]);
  expect(run.section).toBeUndefined();
  expect(sectionAt(run, HOUR)).toBeUndefined();
});
