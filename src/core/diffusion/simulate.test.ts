import fc from "fast-check";
import { gradedGrid, type BodyShape } from "./grid";
import type { SoakOptions, SoakRun } from "./run";
import { simulateSoak } from "./simulate";
import { openUptake } from "./series.fixture";
import type { Stage } from "./stages";

// odex ships its TypeScript sources, which do not pass under strict: loaded untyped, with the part used described.
interface OdexSolver {
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  solve(f: (x: number, y: number[]) => number[], x: number, y: number[], xEnd: number): { y: number[] };
}
const { Solver } = jest.requireActual<{ Solver: new (n: number) => OdexSolver }>("odex");

const D = 1e-9;
const L = 0.01;
const BATH = 0.1;

function run(shape: BodyShape, stages: Stage[], options: SoakOptions = {}): SoakRun {
  const result = simulateSoak({ shape, halfThicknessM: L }, stages, options);
  if (!result.ok) throw new Error(result.error.field);
  return result.value;
}

const endOf = (r: SoakRun) => r.moments[r.moments.length - 1];
const timeFor = (fourier: number) => (fourier * L * L) / D;

function bath(fourier: number, waterRatio = Infinity, strength: number | undefined = BATH): Stage {
  return {
    kind: "bath",
    durationS: timeFor(fourier),
    diffusivityM2PerS: D,
    waterRatio,
    saltPerWater: strength,
  };
}

test("agrees with a general integrator (odex) on the same cells", () => {
  const cells = 30;
  const grid = gradedGrid("cylinder", cells);
  const ratio = 1.5;
  const rate = D / L ** 2;
  const slope = (_: number, y: number[]) => {
    const out = new Array<number>(cells + 1).fill(0);
    for (let i = 0; i < cells; i++) {
      const flow = rate * grid.conductances[i] * (y[i + 1] - y[i]);
      out[i] += flow;
      out[i + 1] -= flow;
    }
    return out.map((v, i) => v / (i < cells ? grid.volumes[i] : ratio));
  };
  const start = [...new Array<number>(cells).fill(0), BATH];
  const solver = new Solver(cells + 1);
  Object.assign(solver, { absoluteTolerance: 1e-12, relativeTolerance: 1e-10, maxSteps: 1e6 });
  const general = solver.solve(slope, 0, start, timeFor(0.1)).y;
  const ours = endOf(run("cylinder", [bath(0.1, ratio)], { cells, stepTolerance: 1e-9 }));
  ours.perWater.forEach((value, i) => expect(Math.abs(value - general[i])).toBeLessThan(2e-6 * BATH));
  expect(Math.abs((ours.bath ?? NaN) - general[cells])).toBeLessThan(2e-6 * BATH);
});

test("second order in space: twice the cells, a quarter of the error", () => {
  const error = (cells: number) =>
    Math.abs(
      endOf(run("slab", [bath(0.1)], { cells, stepTolerance: 1e-9 })).mean / BATH - openUptake("slab", 0.1),
    );
  const order = Math.log2(error(20) / error(40));
  expect(order).toBeGreaterThan(1.8);
  expect(order).toBeLessThan(2.2);
});

describe("salt is conserved to rounding", () => {
  const shape = fc.constantFrom<BodyShape>("slab", "cylinder", "sphere");
  const fourier = fc.double({ min: 1e-4, max: 2, noNaN: true });
  const ratio = fc.double({ min: 0.05, max: 20, noNaN: true });

  test("between flesh and a limited bath, then at rest", () => {
    fc.assert(
      fc.property(shape, fourier, ratio, (s, fo, waterRatio) => {
        const rest: Stage = { kind: "rest", durationS: timeFor(fo), diffusivityM2PerS: D };
        const r = run(s, [bath(fo, waterRatio), rest], { initialPerWater: 0.003 });
        const before = 0.003 + waterRatio * BATH;
        const left = r.moments[1].bath ?? NaN;
        return Math.abs((endOf(r).mean + waterRatio * left) / before - 1) < 1e-9;
      }),
      { seed: 31, numRuns: 60 },
    );
  });

  test("from dry salt: what left the face is in the flesh", () => {
    fc.assert(
      fc.property(shape, fourier, fc.double({ min: 1e-4, max: 0.1, noNaN: true }), (s, fo, dose) => {
        const stage: Stage = {
          kind: "drySalt",
          durationS: timeFor(fo),
          diffusivityM2PerS: D,
          saltPerFleshWater: dose,
          saturatedPerWater: 0.357,
        };
        const end = endOf(run(s, [stage]));
        return Math.abs((end.mean + end.undissolved) / dose - 1) < 1e-9 && end.undissolved >= 0;
      }),
      { seed: 32, numRuns: 60 },
    );
  });
});

describe("stages carry the state on", () => {
  test("fresh water takes salt out, from the outside first", () => {
    const soak: Stage = {
      kind: "freshWater",
      durationS: timeFor(0.01),
      diffusivityM2PerS: D,
      waterRatio: 5,
      changes: 3,
    };
    const r = run("slab", [bath(0.2), soak]);
    const [before, after] = [r.moments[1], endOf(r)];
    expect(after.mean).toBeLessThan(before.mean);
    expect(after.surface).toBeLessThan(0.1 * before.surface);
    expect(after.centre).toBeGreaterThan(before.centre * 0.98);
  });

  test("rest evens out and loses nothing", () => {
    const rest: Stage = { kind: "rest", durationS: timeFor(0.5), diffusivityM2PerS: D };
    const r = run("slab", [bath(0.05), rest]);
    expect(endOf(r).mean).toBeCloseTo(r.moments[1].mean, 12);
    expect(endOf(r).centre).toBeGreaterThan(0.98 * endOf(r).mean);
  });

  test("a bath without its own strength goes on from the one before", () => {
    const halves = run("slab", [bath(0.1, 2), { ...bath(0.1, 2), saltPerWater: undefined } as Stage]);
    const whole = run("slab", [bath(0.2, 2)]);
    expect(endOf(halves).mean).toBeCloseTo(endOf(whole).mean, 6);
  });
});

describe("bad input is refused by name", () => {
  const good = bath(0.1);
  test.each([
    ["no thickness", 0, [good], "body.halfThicknessM"],
    ["negative time", L, [{ ...good, durationS: -1 }], "stages[0].durationS"],
    ["not a number", L, [{ ...good, diffusivityM2PerS: NaN }], "stages[0].diffusivityM2PerS"],
    ["no water", L, [{ ...good, waterRatio: 0 }], "stages[0].waterRatio"],
    ["more salt than dissolves", L, [{ ...good, saltPerWater: 0.6 }], "stages[0].saltPerWater"],
    ["no stages", L, [], "stages"],
    ["a bath that follows none", L, [{ ...good, saltPerWater: undefined }], "stages[0].saltPerWater"],
  ])("%s", (_, halfThicknessM, stages, field) => {
    const result = simulateSoak({ shape: "slab", halfThicknessM }, stages as Stage[]);
    expect(result).toMatchObject({ ok: false, error: { field } });
  });

  test("whatever goes in, no figure comes out that is not a number", () => {
    const any = fc.oneof(fc.double(), fc.double({ min: 1e-12, max: 1, noNaN: true }));
    fc.assert(
      fc.property(any, any, any, any, (halfThicknessM, durationS, ratio, strength) => {
        const stage: Stage = {
          kind: "bath",
          durationS: durationS * 1e5,
          diffusivityM2PerS: D,
          waterRatio: ratio,
          saltPerWater: strength,
        };
        const result = simulateSoak({ shape: "slab", halfThicknessM }, [stage], { cells: 20 });
        return !result.ok || [endOf(result.value).mean, endOf(result.value).centre].every(Number.isFinite);
      }),
      { seed: 33, numRuns: 300 },
    );
  });
});
