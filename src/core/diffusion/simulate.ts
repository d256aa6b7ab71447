import { interpolate } from "../interpolate";
import { ok, type Result } from "../result";
import { gradedGrid, type Grid } from "./grid";
import { paceOf, type Pace } from "./pace";
import { checkProgram, type Body, type SoakError, type Stage } from "./stages";
import { exchangeFor, Stepper, type Outside } from "./stepper";

export const DEFAULT_CELLS = 120;

/** Largest estimated error of one step, as a share of the largest strength about. */
const STEP_TOLERANCE = 8e-6;
const MAX_STEPS = 200_000;
/** Less time than this moves no salt: below it the arithmetic itself gives out. */
const SHORTEST_S = 1e-6;

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
  /** Called once with the first body's grid, before the run. */
  onGrid?: (grid: Grid) => void;
  /** Called with every moment the engine steps through; answer true to stop there. The moment is reused: copy it. */
  onStep?: (moment: StepMoment) => boolean | void;
}

/** What an observer sees while the engine runs; `perWater` holds the first body's cells. */
export interface StepMoment {
  timeS: number;
  perWater: Float64Array;
  mean: number;
  centre: number;
}

/** Several sizes of piece in one bath. */
export interface SharedBody extends Body {
  /** Flesh water of these pieces as a share of all in the bath; the shares sum to 1. */
  share: number;
}

/**
 * Runs a program of stages on one body by Fick's second law: finite volumes in space, TR-BDF2 in time, the state
 * carried from stage to stage. Salt is conserved to rounding.
 * Model: one dimension, salt in the water phase, no net movement of water, one diffusivity throughout the flesh.
 * Checked against Crank, *The Mathematics of Diffusion*, 2nd ed., §§ 4.3, 5.3, 6.3 (see the tests).
 * @returns the recorded moments, or the first input that is out of its range
 */
export function simulateSoak(
  body: Body,
  stages: readonly Stage[],
  options: SoakOptions = {},
): Result<SoakRun, SoakError> {
  const runs = simulateSharedSoak([{ ...body, share: 1 }], stages, options);
  return runs.ok ? ok(runs.value[0]) : runs;
}

/**
 * The same for pieces of several sizes that share one bath: they share its salt.
 * @returns one run for each body, at the same moments
 */
export function simulateSharedSoak(
  bodies: readonly SharedBody[],
  stages: readonly Stage[],
  options: SoakOptions = {},
): Result<SoakRun[], SoakError> {
  const checked = checkProgram(bodies, stages);
  if (!checked.ok) return checked;
  const simulation = new Simulation(bodies, options);
  for (const stage of stages) simulation.runStage(stage);
  return ok(simulation.runs());
}

class Simulation {
  private readonly grids: Grid[];
  private readonly offsets: number[];
  private readonly moments: SoakMoment[][];
  private steps = 0;
  private timeS = 0;
  private stopped = false;
  private cells: Float64Array;
  private bath: number | undefined;
  private undissolved = 0;
  private nextOutput = 0;
  private readonly outputs: readonly number[];
  private readonly tolerance: number;

  constructor(
    private readonly bodies: readonly SharedBody[],
    private readonly options: SoakOptions,
  ) {
    this.outputs = options.outputTimesS ?? [];
    this.tolerance = options.stepTolerance ?? STEP_TOLERANCE;
    this.grids = bodies.map((body) => gradedGrid(body.shape, options.cells ?? DEFAULT_CELLS, body.exponent));
    this.offsets = this.grids.map((_, j) => this.grids.slice(0, j).reduce((sum, g) => sum + g.cells, 0));
    const start = options.initialPerWater ?? 0;
    this.cells = Float64Array.from(
      this.grids.flatMap((g) =>
        Array.from({ length: g.cells }, (_, i) =>
          typeof start === "number" ? start : start(g.faces[i], g.faces[i + 1]),
        ),
      ),
    );
    this.moments = bodies.map(() => []);
    options.onGrid?.(this.grids[0]);
    this.record({ kind: "sealed" });
    while (this.outputs[this.nextOutput] <= 0) this.nextOutput++;
  }

  runs(): SoakRun[] {
    return this.grids.map((grid, j) => ({ grid, moments: this.moments[j], steps: this.steps }));
  }

  runStage(stage: Stage): void {
    if (this.stopped) return;
    const pace = paceOf(stage.pace);
    switch (stage.kind) {
      case "bath":
        this.bath = stage.saltPerWater ?? this.bath;
        this.march(stage, pace, bathOutside(stage.waterRatio, this.bath ?? 0), 0, stage.durationS);
        break;
      case "freshWater":
        for (let i = 0; i < stage.changes; i++) {
          this.bath = 0;
          const each = stage.durationS / stage.changes;
          this.march(stage, pace, bathOutside(stage.waterRatio, 0), i * each, (i + 1) * each);
        }
        this.bath = undefined;
        break;
      case "drySalt":
        this.undissolved += stage.saltPerFleshWater;
        this.runDrySalt(stage, pace);
        break;
      case "rest":
        this.march(stage, pace, { kind: "sealed" }, 0, stage.durationS);
        break;
    }
  }

  private runDrySalt(stage: Extract<Stage, { kind: "drySalt" }>, pace: Pace): void {
    const startS = this.timeS;
    const film: Outside = { kind: "constant", perWater: stage.saturatedPerWater };
    if (this.undissolved > 0) this.march(stage, pace, film, 0, stage.durationS, true);
    const goneS = this.timeS - startS;
    if (goneS < stage.durationS) this.march(stage, pace, { kind: "sealed" }, goneS, stage.durationS);
  }

  /**
   * Steps through one outside condition, from one second of the stage to another. The engine's own clock is paced:
   * it runs with the warmth. With `fromStore`, stops at the instant the dry salt is used up.
   */
  private march(
    stage: Stage,
    pace: Pace,
    outside: Outside,
    fromS: number,
    toS: number,
    fromStore = false,
  ): void {
    if (toS - fromS < SHORTEST_S || this.stopped) return;
    const stageStartS = this.timeS - fromS;
    const clock = (pacedS: number) => stageStartS + pace.clock(pacedS);
    const exchange = this.exchange(stage, outside);
    const stepper = new Stepper(exchange);
    let state = new Float64Array(exchange.rows);
    let next = new Float64Array(exchange.rows);
    state.set(this.cells);
    if (outside.kind === "limited") state[exchange.rows - 1] = this.bath ?? 0;
    const scale = Math.max(1e-12, outside.kind === "constant" ? outside.perWater : 0, ...state);
    let at = pace.paced(fromS);
    const end = pace.paced(toS);
    const span = end - at;
    let dt = Math.min(span, this.finestStepS(stage.diffusivityM2PerS));
    while (end - at > span * 1e-12) {
      if (++this.steps > MAX_STEPS) throw new Error(`soak did not finish in ${MAX_STEPS} steps`);
      const output = this.outputs[this.nextOutput];
      const atOutput = output !== undefined && output < stageStartS + toS;
      const due = atOutput ? pace.paced(output - stageStartS) : end;
      const room = due - at;
      const landing = dt >= room * (1 - 1e-9);
      const trying = landing ? room : dt;
      if (trying > 0) {
        const error = stepper.step(state, next, trying) / (scale * this.tolerance);
        if (error > 1) {
          dt = trying * Math.max(0.2, 0.9 * error ** (-1 / 3));
          continue;
        }
        if (fromStore) {
          const taken = this.taken(state, next);
          if (taken > this.undissolved) {
            at += this.spendStore(stepper, state, next, trying, taken);
            this.timeS = clock(at);
            this.keep(next, outside);
            return;
          }
          this.undissolved -= taken;
        }
        [state, next] = [next, state];
        // A step cut short to land on a due moment says nothing about how long the next may be.
        const grown = trying * Math.min(4, 0.9 * Math.max(error, 1e-6) ** (-1 / 3));
        dt = landing ? Math.max(dt, grown) : grown > dt * 1.3 || grown < dt ? grown : dt;
      }
      at = landing ? due : at + trying;
      this.timeS = landing && !atOutput ? stageStartS + toS : landing ? output : clock(at);
      if (landing && atOutput) {
        this.keep(state, outside);
        this.record(outside, stage);
        this.nextOutput++;
      }
      if (this.observed(state)) {
        this.keep(state, outside);
        return;
      }
    }
    this.timeS = stageStartS + toS;
    this.keep(state, outside);
    this.record(outside, stage);
    if (this.outputs[this.nextOutput] === this.timeS) this.nextOutput++;
  }

  private exchange(stage: Stage, outside: Outside) {
    const surfaceTransferMPerS = stage.surfaceTransferMPerS ?? Infinity;
    return exchangeFor(
      this.bodies.map(({ halfThicknessM, share }, j) => ({
        grid: this.grids[j],
        halfThicknessM,
        share,
        diffusivityM2PerS: stage.diffusivityM2PerS,
        surfaceTransferMPerS,
      })),
      outside,
    );
  }

  /** A first step that resolves the thinnest cell of any body; the error estimate lets it grow from there. */
  private finestStepS(diffusivity: number): number {
    return Math.min(
      ...this.bodies.map(({ halfThicknessM }, j) => {
        const { faces, cells } = this.grids[j];
        return ((1 - faces[cells - 1]) * halfThicknessM) ** 2 / diffusivity;
      }),
    );
  }

  private observed(state: Float64Array): boolean {
    if (!this.options.onStep) return false;
    const perWater = state.subarray(0, this.grids[0].cells);
    const [grid] = this.grids;
    const seen = {
      timeS: this.timeS,
      perWater,
      mean: meanOf(grid, perWater),
      centre: centreValue(grid, perWater),
    };
    this.stopped = this.options.onStep(seen) === true;
    return this.stopped;
  }

  /** Shortens the step until it takes just what is left; the crumb within rounding goes to the outer cell. */
  private spendStore(
    stepper: Stepper,
    state: Float64Array,
    next: Float64Array,
    dtS: number,
    taken: number,
  ): number {
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
    const outer = this.grids[0].cells - 1;
    next[outer] += (this.undissolved - this.taken(state, next)) / this.grids[0].volumes[outer];
    this.undissolved = 0;
    return usedS;
  }

  private taken(before: Float64Array, after: Float64Array): number {
    const { cells, volumes } = this.grids[0];
    let sum = 0;
    for (let i = 0; i < cells; i++) sum += volumes[i] * (after[i] - before[i]);
    return sum;
  }

  private keep(state: Float64Array, outside: Outside): void {
    this.cells = state.slice(0, this.cells.length);
    if (outside.kind === "limited") this.bath = state[this.cells.length];
  }

  private record(outside: Outside, stage?: Stage): void {
    const bath = outside.kind === "limited" ? this.bath : undefined;
    const against = outside.kind === "constant" ? outside.perWater : bath;
    this.grids.forEach((grid, j) => {
      const perWater = this.cells.slice(this.offsets[j], this.offsets[j] + grid.cells);
      this.moments[j].push({
        timeS: this.timeS,
        perWater,
        mean: meanOf(grid, perWater),
        surface: surfaceValue(grid, perWater, this.bodies[j].halfThicknessM, against, stage),
        centre: centreValue(grid, perWater),
        bath: against,
        undissolved: this.undissolved,
      });
    });
  }
}

const bathOutside = (waterRatio: number, perWater: number): Outside =>
  waterRatio === Infinity ? { kind: "constant", perWater } : { kind: "limited", waterRatio };

function meanOf(grid: Grid, perWater: Float64Array): number {
  let mean = 0;
  for (let i = 0; i < grid.cells; i++) mean += grid.volumes[i] * perWater[i];
  return mean;
}

/** At the face two conductances meet: half a cell of flesh inside, skin or film outside. */
function surfaceValue(
  grid: Grid,
  perWater: Float64Array,
  halfThicknessM: number,
  against: number | undefined,
  stage: Stage | undefined,
): number {
  const last = perWater[grid.cells - 1];
  if (against === undefined || !stage) return last;
  const film = stage.surfaceTransferMPerS ?? Infinity;
  if (film === Infinity) return against;
  const inner = stage.diffusivityM2PerS / ((1 - grid.centroids[grid.cells - 1]) * halfThicknessM);
  return (inner * last + film * against) / (inner + film);
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
