import { timedChops as timed, worked } from "../formulation.fixture";
import { aimOf } from "./aim";
import { coursesOf, reachHours } from "./course";
import { soakProblem } from "./soak-problem";

const f = timed(0.06);
const { load } = worked(f);
const problem = soakProblem(f, load);
const aim = aimOf(f, load);
const HALFWAY = { ...aim, targetPerWater: aim.targetPerWater / 2 };
const PRECISION = { cells: 40, stepTolerance: 1e-4 };
const hours = Float64Array.from({ length: 200 }, (_, i) => 0.1 * 1.03 ** i);

test("it is at 1 when the aim is reached, each aim for itself, and rises until then", () => {
  const aims = [HALFWAY, aim];
  const courses = coursesOf(problem, aims, hours, PRECISION);
  reachHours(problem, aims, 96, PRECISION).forEach((reached = NaN, a) => {
    const after = courses[a].findIndex((along) => along >= 1);
    expect(hours[after - 1]).toBeLessThan(reached);
    expect(hours[after]).toBeGreaterThanOrEqual(reached);
    for (let k = 1; k <= after; k++) expect(courses[a][k]).toBeGreaterThan(courses[a][k - 1]);
  });
});

test("once every aim is reached twice over nothing more is run: it stays as it was", () => {
  const [alone] = coursesOf(problem, [HALFWAY], hours, PRECISION);
  const twice = alone.findIndex((along) => along > 2);
  expect(twice).toBeGreaterThan(0);
  expect(new Set(alone.slice(-60)).size).toBe(1);
  expect(alone[alone.length - 1]).toBeLessThan(2.3);
  // The slower of two is followed to its own end, and the quicker with it.
  const [quick, slow] = coursesOf(problem, [HALFWAY, aim], hours, PRECISION);
  expect(Math.max(...quick)).toBeGreaterThan(Math.max(...alone) * 1.2);
  expect(slow.findIndex((along) => along > 2)).toBeGreaterThan(twice);
});

test("hours beyond all soaking are as the last there is", () => {
  const far = Float64Array.of(1, 1000, 10_000, 1e6);
  const [along] = coursesOf(problem, [{ ...aim, targetPerWater: 1 }], far, PRECISION);
  expect(along[0]).toBeLessThan(along[1]);
  expect(along[2]).toBeGreaterThan(0.01);
  expect(along[3]).toBeCloseTo(along[2], 6);
});
