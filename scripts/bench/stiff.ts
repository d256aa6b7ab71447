import { spawnSync } from "node:child_process";
import { gradedGrid } from "@/core/diffusion/grid";
import { simulateSoak } from "@/core/diffusion/simulate";

const CELLS = 200;
const END_S = 72 * 3600;
const RADIUS_M = 0.04;
const DIFFUSIVITY = 3e-10;
const RATIO = 1.5;
const STRENGTH = 0.05;

interface Timed {
  ms: number;
  mean: number;
  steps: number;
}

/**
 * Ours beside integrators made for stiff systems, on the same cells: 72 h of a cylinder in a limited bath. Each is asked
 * how long it takes to a mean that is right to 1e-4, the error of what it solves alone.
 */
export function benchStiff(medianMs: (of: () => unknown) => number): void {
  const exact = ours(1e-10);
  const errorOf = (mean: number) => Math.abs(mean / exact - 1);
  for (const tolerance of [8e-6, 1e-4, 1e-3, 3e-3])
    console.log(
      `72 h, 200 cells, ours at ${tolerance}: ${medianMs(() => ours(tolerance)).toFixed(2)} ms, error of the mean ${errorOf(ours(tolerance)).toExponential(1)}`,
    );
  const theirs = bySciPy();
  if (!theirs)
    return console.log("LSODA and BDF: skipped, python3 with scipy is not here (Debian: python3-scipy)");
  for (const [name, { ms, mean, steps }] of Object.entries(theirs))
    console.log(`  ${name}: ${ms.toFixed(1)} ms in ${steps} steps, error ${errorOf(mean).toExponential(1)}`);
}

function ours(stepTolerance: number): number {
  const run = simulateSoak(
    { shape: "cylinder", halfThicknessM: RADIUS_M },
    [
      {
        kind: "bath",
        durationS: END_S,
        diffusivityM2PerS: DIFFUSIVITY,
        waterRatio: RATIO,
        saltPerWater: STRENGTH,
      },
    ],
    { cells: CELLS, stepTolerance },
  );
  if (!run.ok) throw new Error(run.error.field);
  const { moments } = run.value;
  return moments[moments.length - 1].mean;
}

/** The cells in a row and the bath as one more: a system of three diagonals. */
function bySciPy(): Record<string, Timed> | undefined {
  const grid = gradedGrid("cylinder", CELLS);
  const rate = DIFFUSIVITY / RADIUS_M ** 2;
  const ran = spawnSync("python3", ["scripts/reference/stiff.py"], {
    encoding: "utf8",
    input: JSON.stringify({
      linkPerS: Array.from(grid.conductances, (c) => c * rate),
      mass: [...grid.volumes, RATIO],
      start: [...new Array<number>(CELLS).fill(0), STRENGTH],
      endS: END_S,
      scale: STRENGTH,
    }),
  });
  return ran.status === 0 ? (JSON.parse(ran.stdout) as Record<string, Timed>) : undefined;
}
