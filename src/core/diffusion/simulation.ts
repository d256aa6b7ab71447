import { gradedGrid, type Grid } from "./grid";
import { blendedCells, type Lane } from "./lanes";
import { paceOf, type Pace } from "./pace";
import { centreValue, meanOf, surfaceValue, transferOf } from "./read-moment";
import type { SoakMoment, SoakOptions, SoakRun, StepMoment } from "./run";
import type { Stage } from "./stages";
import { exchangeFor, Stepper, type Outside } from "./stepper";

const DEFAULT_CELLS = 120;

/** Largest estimated error of one step, as a share of the largest strength about. */
const STEP_TOLERANCE = 8e-6;
const MAX_STEPS = 200_000;
/** Less time than this moves no salt: below it the arithmetic itself gives out. */
const SHORTEST_S = 1e-6;

/** Bodies, their state and the clock, carried from stage to stage. */
export class Simulation {
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
    private readonly bodies: readonly Lane[],
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
        this.undissolved += stage.undissolvedPerFleshWater ?? 0;
        this.runBath(stage, pace, this.bath ?? 0);
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

  /** While salt lies undissolved in it a bath stays as strong as it is; once that is gone it weakens. */
  private runBath(stage: Extract<Stage, { kind: "bath" }>, pace: Pace, perWater: number): void {
    const startS = this.timeS;
    const held = stage.undissolvedPerFleshWater !== undefined && this.undissolved > 0;
    if (held) this.march(stage, pace, { kind: "constant", perWater }, 0, stage.durationS, true);
    this.march(stage, pace, bathOutside(stage.waterRatio, perWater), this.timeS - startS, stage.durationS);
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
    return exchangeFor(
      this.bodies.map((body, j) => ({
        grid: this.grids[j],
        halfThicknessM: body.halfThicknessM,
        share: body.share,
        diffusivityM2PerS: stage.diffusivityM2PerS,
        surfaceTransferMPerS: transferOf(body, stage),
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
    const [grid] = this.grids;
    const perWater = blendedCells(this.bodies, 0, (j) =>
      state.subarray(this.offsets[j], this.offsets[j] + this.grids[j].cells),
    );
    this.stopped = this.options.onStep(new Seen(this.timeS, perWater, grid)) === true;
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
    const outerWater = this.bodies[0].share * this.grids[0].volumes[outer];
    next[outer] += (this.undissolved - this.taken(state, next)) / outerWater;
    this.undissolved = 0;
    return usedS;
  }

  private taken(before: Float64Array, after: Float64Array): number {
    let sum = 0;
    for (const [j, { cells, volumes }] of this.grids.entries()) {
      const from = this.offsets[j];
      let body = 0;
      for (let i = 0; i < cells; i++) body += volumes[i] * (after[from + i] - before[from + i]);
      sum += this.bodies[j].share * body;
    }
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
        surface: surfaceValue(grid, perWater, this.bodies[j], against, stage),
        centre: centreValue(grid, perWater),
        bath: against,
        undissolved: this.undissolved,
      });
    });
  }
}

class Seen implements StepMoment {
  constructor(
    readonly timeS: number,
    readonly perWater: Float64Array,
    private readonly grid: Grid,
  ) {}

  get mean(): number {
    return meanOf(this.grid, this.perWater);
  }

  get centre(): number {
    return centreValue(this.grid, this.perWater);
  }
}

const bathOutside = (waterRatio: number, perWater: number): Outside =>
  waterRatio === Infinity ? { kind: "constant", perWater } : { kind: "limited", waterRatio };
