import { createRequire } from "node:module";
import type { SolidAxis } from "@/core/diffusion/field/axis";
import { gradedGrid } from "@/core/diffusion/grid";
import type { SoakOptions } from "@/core/diffusion/run";
import { simulateSoak } from "@/core/diffusion/simulate";
import type { Stage } from "@/core/diffusion/stages";
import { formulate } from "@/core/formula/formulate";
import { aimOf } from "@/core/formula/soak/aim";
import { ensembleWindow } from "@/core/formula/soak/ensemble";
import { reachHours } from "@/core/formula/soak/course";
import { soakProblem } from "@/core/formula/soak/soak-problem";
import { RAIL_TO_H } from "@/core/formula/soak/window";
import { PORK_LOIN } from "@/server/demo/brines";
import { benchStiff } from "./stiff";

const HOUR_S = 3600;
const D = 3e-10;
const BODY = { shape: "cylinder" as const, halfThicknessM: 0.04 };
const RATIO = 1.5;
const STRENGTH = 0.05;

const bath: Stage = {
  kind: "bath",
  durationS: 72 * HOUR_S,
  diffusivityM2PerS: D,
  waterRatio: RATIO,
  saltPerWater: STRENGTH,
};

function meanAfter(stages: Stage[], options: SoakOptions): number {
  const run = simulateSoak(BODY, stages, options);
  if (!run.ok) throw new Error(run.error.field);
  return run.value.moments[run.value.moments.length - 1].mean;
}

const WARM_UP_MS = 1500;

/** Median milliseconds of a few calls, once the machine code has settled. */
function medianMs(work: () => unknown, calls = 41): number {
  const warmUntil = performance.now() + WARM_UP_MS;
  while (performance.now() < warmUntil) work();
  const times = Array.from({ length: calls }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  });
  return times.sort((a, b) => a - b)[Math.floor(calls / 2)];
}

/** Slope of a straight line through the logarithms: cost grows as n to this power. */
function fittedExponent(points: { n: number; ms: number }[]): number {
  const xs = points.map((p) => Math.log(p.n));
  const ys = points.map((p) => Math.log(p.ms));
  const mean = (values: number[]) => values.reduce((sum, v) => sum + v, 0) / values.length;
  const [mx, my] = [mean(xs), mean(ys)];
  return (
    xs.reduce((sum, x, i) => sum + (x - mx) * (ys[i] - my), 0) / xs.reduce((sum, x) => sum + (x - mx) ** 2, 0)
  );
}

/** The soak engine against its limits and against a general integrator. */
export function benchEngine(): void {
  againstGeneralIntegrator();
  benchStiff((of) => medianMs(of));
  convergenceOrders();
  const cells = [100, 200, 400, 800, 1600].map((n) => ({
    n,
    ms: medianMs(() => meanAfter([bath], { cells: n })),
  }));
  console.log(
    `cost in cells, 100 to 1600: ${cells.map((p) => p.ms.toFixed(2)).join(", ")} ms; grows as n^${fittedExponent(cells).toFixed(2)}`,
  );
  const stages = [1, 2, 4, 8, 16].map((n) => ({
    n,
    ms: medianMs(() =>
      meanAfter(
        Array.from({ length: n }, () => ({ ...bath, durationS: 6 * HOUR_S })),
        {},
      ),
    ),
  }));
  console.log(
    `cost in stages, 1 to 16: ${stages.map((p) => p.ms.toFixed(2)).join(", ")} ms; grows as n^${fittedExponent(stages).toFixed(2)}`,
  );

  const sheet = formulate(PORK_LOIN);
  if (!sheet.ok) throw new Error(sheet.error.code);
  const { load } = sheet.value;
  const window = medianMs(() =>
    reachHours(soakProblem(PORK_LOIN, load), [aimOf(PORK_LOIN, load)], RAIL_TO_H, {}),
  );
  console.log(`window (when is it ready): ${window.toFixed(2)} ms (asked: 20 ms)`);
  console.log(
    `ensemble of 500, in Node: ${medianMs(() => ensembleWindow(PORK_LOIN, load), 5).toFixed(0)} ms (asked: 800 ms)`,
  );
  inTheirOwnDirections();
  allocationGrowth();
}

/** A whole soak with every hour read, of pieces that one distance does not tell: 40 ms were asked. */
function inTheirOwnDirections(): void {
  const outputTimesS = Array.from({ length: 72 }, (_, i) => (i + 1) * HOUR_S);
  const half = (kind: SolidAxis["kind"], mm: number): SolidAxis => ({ kind, halfM: mm / 2000, barrierM: 0 });
  const kinds: [string, SolidAxis[]][] = [
    ["block", [half("half", 60), half("half", 90), half("half", 160)]],
    ["short log", [half("radius", 70), half("half", 160)]],
    ["whole fish", [half("oval", 60), half("oval", 90), half("oval", 300)]],
    ["wedge", [{ ...half("wedge", 60), deepM: 0.09 }, half("half", 160)]],
  ];
  const told = kinds.map(([name, solid]) => {
    const body = { shape: "slab" as const, halfThicknessM: 0.03, solid };
    return `${name} ${medianMs(() => simulateSoak(body, [bath], { outputTimesS }), 11).toFixed(0)} ms`;
  });
  console.log(`72 h in their own directions, every hour read: ${told.join(", ")} (asked: 40 ms)`);
}

interface OdexSolver {
  solve(f: (x: number, y: number[]) => number[], x: number, y: number[], xEnd: number): { y: number[] };
}

/** The same 200 cells and bath by odex, with a loose tolerance: its stability, not its accuracy, sets its step. */
function againstGeneralIntegrator(): void {
  const cells = 200;
  const { Solver } = createRequire(import.meta.url)("odex") as { Solver: new (n: number) => OdexSolver };
  const grid = gradedGrid("cylinder", cells);
  const rate = D / BODY.halfThicknessM ** 2;
  const slope = (_: number, y: number[]) => {
    const out = new Array<number>(cells + 1).fill(0);
    for (let i = 0; i < cells; i++) {
      const flow = rate * grid.conductances[i] * (y[i + 1] - y[i]);
      out[i] += flow;
      out[i + 1] -= flow;
    }
    return out.map((v, i) => v / (i < cells ? grid.volumes[i] : RATIO));
  };
  const start = [...new Array<number>(cells).fill(0), STRENGTH];
  const exact = meanAfter([bath], { cells, stepTolerance: 1e-10 });
  const ours = meanAfter([bath], { cells });
  const oursMs = medianMs(() => meanAfter([bath], { cells }));
  const solver = new Solver(cells + 1);
  Object.assign(solver, { absoluteTolerance: 1e-4, relativeTolerance: 1e-4, maxSteps: 1e7 });
  const from = performance.now();
  const end = solver.solve(slope, 0, start, 72 * HOUR_S).y;
  const theirsMs = performance.now() - from;
  const theirs = grid.volumes.reduce((sum, v, i) => sum + v * end[i], 0);
  const error = (mean: number) => Math.abs(mean / exact - 1).toExponential(1);
  console.log(
    `72 h, 200 cells: ours ${oursMs.toFixed(2)} ms (asked: 3 ms), error ${error(ours)}; odex ${theirsMs.toFixed(0)} ms, error ${error(theirs)}: ${Math.round(theirsMs / oursMs)} times slower (asked: 50)`,
  );
}

/** Order of the scheme by halving cells and steps: 2 is second order. */
function convergenceOrders(): void {
  const slab = (options: SoakOptions) => {
    const run = simulateSoak(
      { shape: "slab", halfThicknessM: 0.01 },
      [{ ...bath, durationS: 6 * HOUR_S }],
      options,
    );
    if (!run.ok) throw new Error(run.error.field);
    return run.value.moments[1].mean;
  };
  const fine = slab({ cells: 1280, stepTolerance: 1e-9 });
  const inSpace = (cells: number) => Math.abs(slab({ cells, stepTolerance: 1e-9 }) - fine);
  const same = slab({ cells: 100, stepTolerance: 1e-11 });
  // The step's own error goes with its third power: a thousandth of the tolerance is a tenth of the step.
  const inTime = (stepTolerance: number) => Math.abs(slab({ cells: 100, stepTolerance }) - same);
  const space = Math.log2(inSpace(40) / inSpace(80));
  const time = Math.log10(inTime(1e-4) / inTime(1e-7));
  console.log(
    `order in space ${space.toFixed(2)}, in time ${time.toFixed(2)} (by the step the tolerance allows)`,
  );
}

/** Heap after 10,000 runs over the heap after the first thousand. */
function allocationGrowth(): void {
  if (!global.gc) return console.log("allocation growth: run with --expose-gc");
  const heapAfter = (runs: number) => {
    for (let i = 0; i < runs; i++) meanAfter([bath], { cells: 40, stepTolerance: 1e-4 });
    global.gc?.();
    return process.memoryUsage().heapUsed / 1e6;
  };
  const first = heapAfter(1000);
  const last = heapAfter(9000);
  console.log(`heap after 1,000 runs ${first.toFixed(1)} MB, after 10,000 ${last.toFixed(1)} MB`);
}
