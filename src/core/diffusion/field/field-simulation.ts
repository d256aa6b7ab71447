import { rootBetween } from "../../root-between";
import { blended, blendedCells, type Lane } from "../lanes";
import { paceOf, type Pace } from "../pace";
import type { SectionGrid, SoakMoment, SoakOptions, SoakRun, StepMoment } from "../run";
import type { Stage } from "../stages";
import type { Sealed } from "./axis";
import { decay, weakened } from "./bath-step";
import { bareFace, modalBody } from "./body";
import type { ModalBody } from "./modal-body";

/** A bath's strength is taken as a straight line over a step; steps grow by no more than this. */
const GROWTH = 1.16;
const FIRST_STEP = 0.02;

/** What stands outside, strength and how it answers. */
type Outside =
  | { kind: "sealed" }
  | { kind: "constant"; perWater: number }
  | { kind: "limited"; waterRatio: number; perWater: number };

/** Salt that lies ready: what is left of it, and on which face. */
interface Store {
  left: number;
  /** From now on: what the flesh takes of it by diffusivity and time, m². */
  taking: () => (paced: number) => number;
  face?: "low" | "high";
}

/**
 * Soaks in two and three directions, and with faces that differ: each direction's modes are exact in time, so that only a
 * bath that weakens is stepped through. The same stages and the same moments as the one-dimensional engine; a moment's
 * strengths are those of nested shells from the middle out.
 */
export class FieldSimulation {
  private readonly solids: ModalBody[];
  private readonly moments: SoakMoment[][];
  private readonly grids: (SectionGrid | undefined)[];
  private readonly outputs: readonly number[];
  private nextOutput = 0;
  private timeS = 0;
  private stopped = false;
  private bath: number | undefined;
  private undissolved = 0;
  private outside: Outside = { kind: "sealed" };
  private steps = 0;

  constructor(
    private readonly bodies: readonly Lane[],
    private readonly options: SoakOptions,
  ) {
    this.outputs = options.outputTimesS ?? [];
    this.solids = bodies.map((body) => modalBody(body, options));
    this.moments = bodies.map(() => []);
    this.grids = this.solids.map((solid) => solid.sectionGrid());
    options.onGrid?.(this.solids[0].grid);
    this.record();
    while (this.outputs[this.nextOutput] <= 0) this.nextOutput++;
  }

  runs(): SoakRun[] {
    return this.solids.map(({ grid }, j) => {
      const section = this.grids[j];
      return { grid, ...(section && { section }), moments: this.moments[j], steps: this.steps };
    });
  }

  runStage(stage: Stage): void {
    if (this.stopped) return;
    const pace = paceOf(stage.pace);
    switch (stage.kind) {
      case "bath": {
        this.bath = stage.saltPerWater ?? this.bath ?? 0;
        this.undissolved += stage.undissolvedPerFleshWater ?? 0;
        const held = stage.undissolvedPerFleshWater !== undefined;
        const from = held ? this.fromStores(stage, pace, this.bath, this.stores(this.bath)) : 0;
        this.march(stage, pace, from, stage.durationS, bathOutside(stage.waterRatio, this.bath));
        break;
      }
      case "freshWater":
        for (let i = 0; i < stage.changes; i++) {
          const each = stage.durationS / stage.changes;
          this.march(stage, pace, i * each, (i + 1) * each, bathOutside(stage.waterRatio, 0));
        }
        this.bath = undefined;
        break;
      case "drySalt": {
        const { saltPerFleshWater, saturatedPerWater, upperShare } = stage;
        this.undissolved += saltPerFleshWater;
        const stores = this.stores(saturatedPerWater, upperShare);
        const gone = this.fromStores(stage, pace, saturatedPerWater, stores);
        this.march(stage, pace, gone, stage.durationS, { kind: "sealed" });
        break;
      }
      case "rest":
        this.march(stage, pace, 0, stage.durationS, { kind: "sealed" });
        break;
    }
  }

  private against(): number {
    return this.outside.kind === "sealed" ? 0 : this.outside.perWater;
  }

  /** @param sealed of faces that stand open, one that lets nothing more through */
  private meetsOutside(stage: Stage, outside: Outside, sealed: Sealed = "none"): void {
    const before = this.against();
    const after = outside.kind === "sealed" ? 0 : outside.perWater;
    const transfer = stage.surfaceTransferMPerS ?? Infinity;
    const extraM = transfer === Infinity ? 0 : stage.diffusivityM2PerS / transfer;
    const shut = outside.kind === "sealed" ? "all" : sealed;
    for (const solid of this.solids) solid.exchangeWith(before, after, extraM, shut);
    this.outside = outside;
  }

  /**
   * Salt that lies ready holds its face saturated until it is used up; of two heaps the one that is gone leaves its face shut.
   * @returns seconds of the stage when all of it is gone
   */
  private fromStores(stage: Stage, pace: Pace, perWater: number, stores: Store[]): number {
    const d = stage.diffusivityM2PerS;
    let fromS = 0;
    while (fromS < stage.durationS && !this.stopped) {
      const lying = stores.filter((store) => store.left > 0);
      if (lying.length === 0) break;
      this.meetsOutside(stage, { kind: "constant", perWater }, stores.find((s) => s.left <= 0)?.face);
      const wholeS = pace.paced(stage.durationS) - pace.paced(fromS);
      const takes = lying.map((store) => store.taking());
      const goneAfter = lying.map(({ left }, i) =>
        takes[i](d * wholeS) > left
          ? rootBetween((s) => takes[i](d * s) - left, 0, wholeS, { relative: 1e-9 })
          : wholeS,
      );
      const firstS = Math.min(...goneAfter);
      const ends = firstS < wholeS;
      const untilS = ends ? pace.clock(pace.paced(fromS) + firstS) : stage.durationS;
      const left = lying.map((store, i) =>
        ends && goneAfter[i] === firstS ? 0 : Math.max(0, store.left - takes[i](d * firstS)),
      );
      this.stretch(stage, pace, fromS, untilS);
      // Stopped on the way it has not come so far, and nobody asks any more.
      lying.forEach((store, i) => (store.left = left[i]));
      this.undissolved = stores.reduce((sum, store) => sum + store.left, 0);
      fromS = untilS;
    }
    return fromS;
  }

  /** All the salt there is on every face alike, or a share of it on the barest and the rest on the other. */
  private stores(perWater: number, upperShare?: number): Store[] {
    const [solid] = this.solids;
    if (upperShare === undefined) return [{ left: this.undissolved, taking: () => this.taking(perWater) }];
    return (["low", "high"] as const).map((face) => ({
      face,
      left: this.undissolved * (face === "high" ? upperShare : 1 - upperShare),
      taking: () => (paced) => solid.through(face, paced),
    }));
  }

  /** Salt all the flesh takes from now on from faces held so strong, per flesh water. */
  private taking(perWater: number): (paced: number) => number {
    const before = this.salt();
    return (paced) => {
      let after = 0;
      this.solids.forEach((solid, j) => {
        const { one, state } = solid;
        const decay = solid.decayed(paced);
        let part = 0;
        for (let k = 0; k < one.length; k++) part += one[k] * state[k] * decay[k];
        after += this.bodies[j].share * (part + perWater);
      });
      return after - before;
    };
  }

  private march(stage: Stage, pace: Pace, fromS: number, toS: number, outside: Outside): void {
    if (this.stopped) return;
    this.meetsOutside(stage, outside);
    if (toS > fromS) this.stretch(stage, pace, fromS, toS);
    if (this.outside.kind === "limited") this.bath = this.outside.perWater;
    if (!this.stopped && toS >= stage.durationS) this.record(stage);
  }

  /** From one second of the stage to another, recording on the way. */
  private stretch(stage: Stage, pace: Pace, fromS: number, toS: number): void {
    const stageStartS = this.timeS - fromS;
    let at = pace.paced(fromS);
    const end = pace.paced(toS);
    let step = this.firstStep(stage);
    while (end - at > (end || 1) * 1e-12) {
      const output = this.outputs[this.nextOutput];
      const due = output !== undefined && output < stageStartS + toS ? pace.paced(output - stageStartS) : end;
      const steady = this.outside.kind !== "limited" && !this.options.onStep;
      const next = steady ? due : Math.min(due, at + step);
      if (next > at) this.advance(stage.diffusivityM2PerS, next - at);
      step *= GROWTH;
      at = next;
      const landed = at >= due;
      this.timeS = landed && due !== end ? output : landed ? stageStartS + toS : stageStartS + pace.clock(at);
      if (landed && due !== end) {
        this.record(stage);
        this.nextOutput++;
      }
      if (this.observed()) return;
    }
    this.timeS = stageStartS + toS;
    if (this.outputs[this.nextOutput] === this.timeS && toS >= stage.durationS) this.nextOutput++;
  }

  /** A step short against the time salt needs through the thinnest body's outer shell. */
  private firstStep(stage: Stage): number {
    const thinnest = Math.min(
      ...this.solids.map(({ grid }, j) => (1 - grid.faces[grid.cells - 1]) * this.bodies[j].halfThicknessM),
    );
    return (FIRST_STEP * thinnest ** 2) / stage.diffusivityM2PerS;
  }

  /** Moves every mode on, and the bath with it. */
  private advance(diffusivity: number, seconds: number): void {
    this.steps++;
    const { outside, solids, bodies } = this;
    for (const solid of solids) solid.moved();
    if (outside.kind !== "limited") {
      decay(solids, diffusivity * seconds);
      return;
    }
    const slope = weakened(solids, bodies, outside.waterRatio, diffusivity, seconds);
    this.outside = { ...outside, perWater: outside.perWater + slope * seconds };
  }

  /** Salt in all the flesh, per flesh water. */
  private salt(): number {
    const against = this.against();
    return this.solids.reduce((sum, solid, j) => sum + this.bodies[j].share * (solid.mean() + against), 0);
  }

  private observed(): boolean {
    if (!this.options.onStep) return false;
    const seen = new FieldMoment(this.timeS, this.bodies, this.solids, this.against());
    this.stopped = this.options.onStep(seen) === true;
    return this.stopped;
  }

  private record(stage?: Stage): void {
    const against = this.against();
    const seen = this.outside.kind === "sealed" ? undefined : against;
    this.solids.forEach((solid, j) => {
      const under = solid.underFace(against);
      const bare =
        seen !== undefined &&
        (stage?.surfaceTransferMPerS ?? Infinity) === Infinity &&
        bareFace(this.bodies[j]);
      this.moments[j].push({
        timeS: this.timeS,
        perWater: solid.shells(against),
        mean: solid.mean() + against,
        surface: bare ? against : under,
        centre: solid.middle(against),
        bath: seen,
        undissolved: this.undissolved,
        ...(this.grids[j] && { cut: [{ ...solid.cut(), against, part: 1 }] }),
      });
    });
  }
}

/** Few aims ask for more than the mean, and shells are dear. */
class FieldMoment implements StepMoment {
  private meanHere: number | undefined;

  constructor(
    readonly timeS: number,
    private readonly bodies: readonly Lane[],
    private readonly solids: readonly ModalBody[],
    private readonly against: number,
  ) {}

  get perWater(): Float64Array {
    return blendedCells(this.bodies, 0, (j) => this.solids[j].shells(this.against));
  }

  get mean(): number {
    // Every aim asks for it.
    return (this.meanHere ??= blended(this.bodies, 0, (j) => this.solids[j].mean()) + this.against);
  }

  get centre(): number {
    return blended(this.bodies, 0, (j) => this.solids[j].middle(this.against));
  }
}

const bathOutside = (waterRatio: number, perWater: number): Outside =>
  waterRatio === Infinity ? { kind: "constant", perWater } : { kind: "limited", waterRatio, perWater };
