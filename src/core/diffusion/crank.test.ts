import { perWaterAt } from "./read-moment";
import { simulateSoak } from "./simulate";
import { limitedUptake, openProfile, openUptake, resistedUptake, type Shape } from "./series.fixture";
import { Stepper, exchangeFor } from "./stepper";
import { gradedGrid } from "./grid";
import type { Stage } from "./stages";

/* The engine against Crank's series, Fourier numbers 0.001 to 3: uptake within 1e-4, profile within 1e-3 of the step. */

const D = 1e-9;
const L = 0.01;
const STEP = 0.1;
const SHAPES: Shape[] = ["slab", "cylinder", "sphere"];
const FOURIER = [0.001, 0.003, 0.01, 0.03, 0.1, 0.3, 1, 3];

/** One soak, looked at when each Fourier number is reached. */
function run(shape: Shape, change: Partial<Extract<Stage, { kind: "bath" }>> = {}) {
  const stages = FOURIER.map((fourier, i): Stage => ({
    kind: "bath",
    durationS: ((fourier - (FOURIER[i - 1] ?? 0)) * L * L) / D,
    diffusivityM2PerS: D,
    waterRatio: Infinity,
    // Later looks go on in the same bath.
    saltPerWater: i === 0 ? STEP : undefined,
    ...change,
  }));
  const result = simulateSoak({ shape, halfThicknessM: L }, stages, { cells: 320, stepTolerance: 1e-7 });
  if (!result.ok) throw new Error(result.error.field);
  const { grid, moments } = result.value;
  return { grid, ends: FOURIER.map((fo, i) => ({ fo, end: moments[i + 1] })) };
}

const relative = (got: number, expected: number) => Math.abs(got / expected - 1);

describe.each(SHAPES)("%s", (shape) => {
  test("in a great bath: uptake (also of a sheet with one face blocked: its thickness is the half-thickness), profile", () => {
    const { grid, ends } = run(shape);
    for (const { fo, end } of ends) {
      expect(relative(end.mean / STEP, openUptake(shape, fo))).toBeLessThan(1e-4);
      for (const x of [0.02, 0.2, 0.4, 0.6, 0.8, 0.9, 0.95, 0.98])
        expect(Math.abs(perWaterAt(grid, end, x) / STEP - openProfile(shape, fo, x))).toBeLessThan(1e-3);
    }
  });

  test.each([0.5, 1, 3])("in a bath of %d times the flesh: uptake", (alpha) => {
    const atEnd = (alpha * STEP) / (1 + alpha);
    for (const { fo, end } of run(shape, { waterRatio: alpha }).ends)
      expect(relative(end.mean / atEnd, limitedUptake(shape, fo, alpha))).toBeLessThan(1e-4);
  });

  test.each([0.5, 5, 50])("behind a surface resistance, Bi = %d: uptake", (biot) => {
    for (const { fo, end } of run(shape, { surfaceTransferMPerS: (biot * D) / L }).ends)
      expect(relative(end.mean / STEP, resistedUptake(shape, fo, biot))).toBeLessThan(1e-4);
  });
});

test("second order in time: half the step, a quarter of the error", () => {
  const grid = gradedGrid("slab", 60);
  const body = { grid, halfThicknessM: L, share: 1, diffusivityM2PerS: D, surfaceTransferMPerS: Infinity };
  // A smooth start, so that the order is the scheme's and not the jump's.
  const smooth = grid.centroids.map((x) => STEP * Math.cos((Math.PI / 2) * x));
  const after = (steps: number) => {
    const stepper = new Stepper(exchangeFor([body], { kind: "constant", perWater: 0 }));
    let state = Float64Array.from(smooth);
    let next = new Float64Array(state.length);
    for (let i = 0; i < steps; i++) {
      stepper.step(state, next, (0.2 * L * L) / D / steps);
      [state, next] = [next, state];
    }
    return state.reduce((sum, u, i) => sum + grid.volumes[i] * u, 0);
  };
  const exact = after(1024);
  const order = Math.log2(Math.abs(after(8) - exact) / Math.abs(after(16) - exact));
  expect(order).toBeGreaterThan(1.8);
  expect(order).toBeLessThan(2.2);
});
