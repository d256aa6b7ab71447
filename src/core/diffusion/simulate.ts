import { interpolate } from "../interpolate";
import { ok, type Result } from "../result";
import { gradedGrid, type Grid } from "./grid";
import { checkProgram, type Body, type SoakError, type Stage } from "./stages";
import { exchangeFor, Stepper, type Outside } from "./stepper";

export const DEFAULT_CELLS = 120;

/** Largest estimated error of one step, as a share of the largest strength about. */
const STEP_TOLERANCE = 3e-6;
const MAX_STEPS = 200_000;

/** The piece at one moment. Strengths are g salt per g water. */
export interface SoakMoment {
  timeS: number;
  perWater: Float64Array;
  mean: number;
  surface: number;
  centre: number;
  /** The bath's strength; undefined where there is none. */
  bath: number | undefined;
  /** Salt still dry on the face, per flesh water. */
  undissolved: number;
}

export interface SoakRun {
  grid: Grid;
  moments: SoakMoment[];
  /** Steps taken, for the benchmarks. */
  steps: number;
}

export interface SoakOptions {
  cells?: number;
  /** Strength at the start: one value, or a function of the relative position (0 centre, 1 face). */
  initialPerWater?: number | ((from: number, to: number) => number);
  /** Moments to record, seconds from the start, rising. The start and the end of each stage come as well. */
  outputTimesS?: readonly number[];
  /** Estimated error allowed in one step, relative. */
  stepTolerance?: number;
}

/**
 * Runs a program of stages on one body by Fick's second law: finite volumes in space, TR-BDF2 in time, the state
 * carried from stage to stage. Salt is conserved to rounding.
 * Model: one dimension, salt in the water phase, no net movement of water, constant diffusivity in a stage.
 * Checked against Crank, *The Mathematics of Diffusion*, 2nd ed., §§ 4.3, 5.3, 6.3 (see the tests).
 * @returns the recorded moments, or the first input that is out of its range
 */
export function simulateSoak(
  body: Body,
  stages: readonly Stage[],
  options: SoakOptions = {},
): Result<SoakRun, SoakError> {
  const checked = checkProgram(body, stages);
  if (!checked.ok) return checked;
  const grid = gradedGrid(body.shape, options.cells ?? DEFAULT_CELLS);
  const run = new Simulation(body, grid, options);
  for (const stage of stages) run.runStage(stage);
  return ok({ grid, moments: run.moments, steps: run.steps });
}

class Simulation {
  readonly moments: SoakMoment[] = [];
  steps = 0;
  private timeS = 0;
  private cells: Float64Array;
  private bath: number | undefined;
  private undissolved = 0;
  private surfaceWeight = { inner: 1, film: Infinity };
  private nextOutput = 0;
  private readonly outputs: readonly number[];
  private readonly tolerance: number;

  constructor(
    private readonly body: Body,
    private readonly grid: Grid,
    options: SoakOptions,
  ) {
    this.outputs = options.outputTimesS ?? [];
    this.tolerance = options.stepTolerance ?? STEP_TOLERANCE;
    const start = options.initialPerWater ?? 0;
    this.cells = new Float64Array(grid.cells);
    for (let i = 0; i < grid.cells; i++)
      this.cells[i] = typeof start === "number" ? start : start(grid.faces[i], grid.faces[i + 1]);
    this.record("sealed");
    while (this.outputs[this.nextOutput] <= 0) this.nextOutput++;
  }

  runStage(stage: Stage): void {
    switch (stage.kind) {
      case "bath":
        this.bath = stage.saltPerWater ?? this.bath;
        this.runBath(stage, stage.waterRatio, stage.durationS);
        break;
      case "freshWater":
        for (let i = 0; i < stage.changes; i++) {
          this.bath = 0;
          this.runBath(stage, stage.waterRatio, stage.durationS / stage.changes);
        }
        this.bath = undefined;
        break;
      case "drySalt":
        this.undissolved += stage.saltPerFleshWater;
        this.runDrySalt(stage);
        break;
      case "rest":
        this.march(stage, { kind: "sealed" }, stage.durationS);
        break;
    }
  }

  private runBath(stage: Stage, waterRatio: number, durationS: number): void {
    const perWater = this.bath ?? 0;
    const outside: Outside =
      waterRatio === Infinity ? { kind: "constant", perWater } : { kind: "limited", waterRatio };
    this.march(stage, outside, durationS);
  }

  private runDrySalt(stage: Extract<Stage, { kind: "drySalt" }>): void {
    const endS = this.timeS + stage.durationS;
    const film: Outside = { kind: "constant", perWater: stage.saturatedPerWater };
    if (this.undissolved > 0) this.march(stage, film, stage.durationS, true);
    const left = endS - this.timeS;
    if (left > 0) this.march(stage, { kind: "sealed" }, left);
  }

  /** Steps through one outside condition. With `fromStore`, stops at the instant the dry salt is used up. */
  private march(stage: Stage, outside: Outside, durationS: number, fromStore = false): void {
    if (durationS <= 0) return;
    const { grid, body } = this;
    const film = stage.surfaceTransferMPerS ?? Infinity;
    const exchange = exchangeFor(grid, body.halfThicknessM, stage.diffusivityM2PerS, film, outside);
    this.noteSurface(stage.diffusivityM2PerS, film);
    const stepper = new Stepper(exchange);
    let state = new Float64Array(exchange.rows);
    let next = new Float64Array(exchange.rows);
    state.set(this.cells);
    if (outside.kind === "limited") state[grid.cells] = this.bath ?? 0;
    const scale = Math.max(1e-12, outside.kind === "constant" ? outside.perWater : 0, ...state);
    const endS = this.timeS + durationS;
    // The first step resolves the thinnest cell; the error estimate lets it grow from there.
    let dtS = Math.min(
      durationS,
      ((1 - grid.faces[grid.cells - 1]) * body.halfThicknessM) ** 2 / stage.diffusivityM2PerS,
    );
    while (endS - this.timeS > durationS * 1e-12) {
      if (++this.steps > MAX_STEPS) throw new Error(`soak did not finish in ${MAX_STEPS} steps`);
      const due = Math.min(endS, this.outputs[this.nextOutput] ?? Infinity);
      const room = due - this.timeS;
      const landing = dtS >= room * (1 - 1e-9);
      const tryS = landing ? room : dtS;
      const error = stepper.step(state, next, tryS) / (scale * this.tolerance);
      if (error > 1) {
        dtS = tryS * Math.max(0.2, 0.9 * error ** (-1 / 3));
        continue;
      }
      if (fromStore) {
        const taken = this.taken(state, next);
        if (taken > this.undissolved) {
          this.spendStore(stepper, state, next, tryS, taken);
          this.keep(next, outside, false);
          return;
        }
        this.undissolved -= taken;
      }
      [state, next] = [next, state];
      this.timeS = landing ? due : this.timeS + tryS;
      if (landing && due !== endS) {
        this.keep(state, outside, true);
        this.nextOutput++;
      }
      // A step cut short to land on a due moment says nothing about how long the next may be.
      const grown = tryS * Math.min(4, 0.9 * Math.max(error, 1e-6) ** (-1 / 3));
      dtS = landing ? Math.max(dtS, grown) : grown > dtS * 1.3 || grown < dtS ? grown : dtS;
    }
    this.timeS = endS;
    this.keep(state, outside, true);
    if (this.outputs[this.nextOutput] === endS) this.nextOutput++;
  }

  /** Shortens the step until it takes just what is left; the crumb within rounding goes to the outer cell. */
  private spendStore(
    stepper: Stepper,
    state: Float64Array,
    next: Float64Array,
    dtS: number,
    taken: number,
  ): void {
    let [low, lowTaken, high, highTaken] = [0, 0, dtS, taken];
    let usedS = dtS;
    for (let i = 0; i < 40 && highTaken - this.undissolved > 1e-12; i++) {
      const part = (this.undissolved - lowTaken) / (highTaken - lowTaken);
      usedS = low + (high - low) * Math.min(0.999, Math.max(0.001, part));
      stepper.step(state, next, usedS);
      const now = this.taken(state, next);
      if (now > this.undissolved) [high, highTaken] = [usedS, now];
      else [low, lowTaken] = [usedS, now];
      if (Math.abs(now - this.undissolved) < 1e-12) break;
    }
    const outer = this.grid.cells - 1;
    next[outer] += (this.undissolved - this.taken(state, next)) / this.grid.volumes[outer];
    this.undissolved = 0;
    this.timeS += usedS;
  }

  private taken(before: Float64Array, after: Float64Array): number {
    let sum = 0;
    for (let i = 0; i < this.grid.cells; i++) sum += this.grid.volumes[i] * (after[i] - before[i]);
    return sum;
  }

  private keep(state: Float64Array, outside: Outside, record: boolean): void {
    this.cells = state.slice(0, this.grid.cells);
    if (outside.kind === "limited") this.bath = state[this.grid.cells];
    if (record) this.record(outside.kind, outside.kind === "constant" ? outside.perWater : undefined);
  }

  private noteSurface(diffusivity: number, film: number): void {
    const depth = (1 - this.grid.centroids[this.grid.cells - 1]) * this.body.halfThicknessM;
    this.surfaceWeight = { inner: diffusivity / depth, film };
  }

  private record(outside: Outside["kind"], constantPerWater?: number): void {
    const { cells, grid } = this;
    const last = cells[grid.cells - 1];
    const against = outside === "limited" ? this.bath : constantPerWater;
    const { inner, film } = this.surfaceWeight;
    // Two conductances meet at the face: half a cell of flesh inside, skin or film outside.
    const surface =
      against === undefined
        ? last
        : film === Infinity
          ? against
          : (inner * last + film * against) / (inner + film);
    let mean = 0;
    for (let i = 0; i < grid.cells; i++) mean += grid.volumes[i] * cells[i];
    this.moments.push({
      timeS: this.timeS,
      perWater: cells.slice(),
      mean,
      surface,
      centre: centreValue(grid, cells),
      bath: outside === "limited" ? this.bath : outside === "constant" ? constantPerWater : undefined,
      undissolved: this.undissolved,
    });
  }
}

/** The value at the very middle: an even parabola through the first two cells. */
function centreValue(grid: Grid, cells: Float64Array): number {
  const p = grid.exponent + 1;
  const meanSquare = (i: number) =>
    ((grid.faces[i + 1] ** (p + 2) - grid.faces[i] ** (p + 2)) * (p / (p + 2))) / grid.volumes[i];
  const curvature = (cells[1] - cells[0]) / (meanSquare(1) - meanSquare(0));
  return cells[0] - curvature * meanSquare(0);
}

/**
 * Strength at a relative position, 0 at the centre to 1 at the open face.
 * @param moment one of the run's recorded moments
 */
export function perWaterAt(grid: Grid, moment: SoakMoment, position: number): number {
  if (position <= grid.centroids[0]) {
    const share = Math.max(0, position / grid.centroids[0]) ** 2;
    return moment.centre + share * (moment.perWater[0] - moment.centre);
  }
  const last = grid.cells - 1;
  if (position >= grid.centroids[last]) {
    const share = Math.min(1, (position - grid.centroids[last]) / (1 - grid.centroids[last]));
    return moment.perWater[last] + share * (moment.surface - moment.perWater[last]);
  }
  return interpolate(grid.centroids, moment.perWater, position);
}

/** Mean strength of the layer from one relative position outward to another. */
export function meanPerWaterBetween(grid: Grid, moment: SoakMoment, from: number, to: number): number {
  const power = grid.exponent + 1;
  let volume = 0;
  let salt = 0;
  for (let i = 0; i < grid.cells; i++) {
    const low = Math.max(from, grid.faces[i]);
    const high = Math.min(to, grid.faces[i + 1]);
    if (high <= low) continue;
    const part = high ** power - low ** power;
    volume += part;
    salt += part * moment.perWater[i];
  }
  return volume > 0 ? salt / volume : perWaterAt(grid, moment, from);
}
