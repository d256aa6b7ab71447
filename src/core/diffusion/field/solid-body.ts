import { gradedGrid, type Grid } from "../grid";
import type { CutPart, CutRows, SectionGrid } from "../run";
import type { AxisBasis, Grading, Sealed, SolidAxis } from "./axis";
import { axisBasis, NOWHERE } from "./axis-basis";
import { leftOf, type ModalBody } from "./modal-body";
import { along, contracted, corner, outer, reachOf, type Lengths } from "./tensor";

type Three<T> = readonly [T, T, T];

/** The solid in the modes of one kind of exchange, direction by direction. */
type Basis = Three<AxisBasis>;

/**
 * A solid of one to three directions: its state as modes, read as nested shells. Along each direction the modes are exact
 * in time; a shell holds what lies between two similar solids one within the other. A steep front may ring in the modes: no
 * strength is less than nothing.
 */
export class SolidBody implements ModalBody {
  readonly grid: Grid;
  private readonly lengths: Lengths;
  private readonly kept = new Map<string, Basis>();
  private readonly cuts = new Map<Basis, CutRows>();
  private basis: Basis;
  state: Float64Array;
  rate: Float64Array;
  one: Float64Array;
  private readonly decay: Float64Array;
  /** The difference while it is the same throughout: nothing has moved in it yet, and no mode need be asked. */
  private level: number | undefined;

  /** @param initial strength throughout, or by shell from the middle out */
  constructor(
    private readonly axes: readonly SolidAxis[],
    private readonly grading: Grading,
    initial: number | ((shell: number) => number),
  ) {
    // A round's radius and a wedge's triangle are two directions in one.
    const power = axes.reduce((sum, { kind }) => sum + (kind === "radius" || kind === "wedge" ? 2 : 1), 0);
    this.grid = gradedGrid("slab", grading.cells, power - 1, grading.power);
    this.basis = this.basisFor(0, "all");
    const [a, b, c] = this.basis;
    this.lengths = [a.modes.count, b.modes.count, c.modes.count];
    [this.rate, this.one] = this.spread();
    this.decay = new Float64Array(this.one.length);
    if (typeof initial === "number") {
      this.level = initial;
      this.state = this.one.map((one) => one * initial);
    } else this.state = this.byShell(initial);
  }

  /** A shell is what lies within it, less what lies within the one before. */
  private byShell(strengthOf: (shell: number) => number): Float64Array {
    const state = new Float64Array(this.one.length);
    const within = new Float64Array(this.one.length);
    const { cells } = this.grid;
    for (let s = 0; s < cells; s++) {
      const weight = strengthOf(s) - (s + 1 < cells ? strengthOf(s + 1) : 0);
      const [x, y, z] = this.basis.map((axis) => {
        const { count } = axis.modes;
        const from = rowStart(axis.within, count, s);
        return axis.within.subarray(from, from + count);
      });
      outer(x, y, z, within);
      for (let k = 0; k < state.length; k++) state[k] += weight * within[k];
    }
    return state;
  }

  moved(): void {
    this.level = undefined;
  }

  exchangeWith(outside: number, next: number, extraM: number, sealed: Sealed): void {
    const basis = this.basisFor(extraM, sealed);
    if (this.level !== undefined) {
      this.level += outside - next;
      if (basis !== this.basis) {
        this.basis = basis;
        [this.rate, this.one] = this.spread();
      }
      for (let k = 0; k < this.state.length; k++) this.state[k] = this.one[k] * this.level;
      return;
    }
    if (basis === this.basis) {
      for (let k = 0; k < this.state.length; k++) this.state[k] += this.one[k] * (outside - next);
      return;
    }
    const strengths = this.fromModes().map((u) => u + outside);
    this.basis = basis;
    [this.rate, this.one] = this.spread();
    this.state = this.toModes(strengths.map((c) => c - next));
  }

  /** Directions decay each for itself. */
  decayed(reach: number): Float64Array {
    const [x, y, z] = this.basis.map(({ modes }) => modes.rate.map((r) => leftOf(r, reach)));
    outer(x, y, z, this.decay);
    return this.decay;
  }

  /**
   * What comes in through either face of a piece that has its thickness alone, while so much of diffusivity times time
   * goes by, m²: g per g of flesh water. The two sum to what it takes up.
   */
  through(face: "low" | "high", reach: number): number {
    const per = this.basis[0].faces?.[face];
    if (!per) throw new RangeError("only a plane has two faces");
    const { state, rate } = this;
    let sum = 0;
    for (let k = 0; k < state.length; k++)
      sum -= per[k] * state[k] * (rate[k] > 0 ? -Math.expm1(-rate[k] * reach) / rate[k] : reach);
    return sum;
  }

  mean(): number {
    const { state, one } = this;
    let sum = 0;
    for (let i = 0; i < state.length; i++) sum += one[i] * state[i];
    return sum;
  }

  shells(outside: number): Float64Array {
    const { grid, lengths } = this;
    const [x, y, z] = this.rows("within");
    const rows = z.length / lengths[2];
    // Modes that have died out add nothing: what is read is what is left.
    const left = reachOf(this.state, lengths);
    const depth = corner(z, [1, rows, lengths[2]], [1, rows, left[2]]);
    const lines = along(corner(this.state, lengths, left), left, 2, depth, rows);
    const shells = new Float64Array(grid.cells);
    let before = 0;
    for (let s = 0; s < grid.cells; s++) {
      let sum = 0;
      const row = Math.min(s, rows - 1);
      const [fromX, fromY] = [rowStart(x, lengths[0], s), rowStart(y, lengths[1], s)];
      for (let i = 0; i < left[0]; i++) {
        let plane = 0;
        for (let j = 0; j < left[1]; j++) plane += y[fromY + j] * lines[(i * left[1] + j) * rows + row];
        sum += x[fromX + i] * plane;
      }
      shells[s] = Math.max(0, outside + (sum - before) / grid.volumes[s]);
      before = sum;
    }
    return shells;
  }

  middle(outside: number): number {
    return Math.max(0, outside + contracted(this.state, this.lengths, this.rows("middle")));
  }

  underFace(outside: number): number {
    const [, y, z] = this.rows("middle");
    return outside + contracted(this.state, this.lengths, [this.basis[0].outermost, y, z]);
  }

  /** How a cut through the middle, thickness by width, is divided; none through a round. */
  sectionGrid(): SectionGrid | undefined {
    const [thickness, width] = this.axes;
    if (thickness.kind === "radius" || thickness.kind === "wedge") return undefined;
    const { faces } = gradedGrid("slab", this.grading.cells, 0, this.grading.power);
    const mirrored = [...faces.slice(1)].reverse().map((face) => -face);
    return {
      deep: thickness.kind === "full" ? Float64Array.from([...mirrored, ...faces]) : faces,
      across: width ? faces : Float64Array.of(0, 1),
    };
  }

  cut(): Pick<CutPart, "rows" | "values"> {
    const [x, y, z] = this.basis;
    let rows = this.cuts.get(this.basis);
    if (!rows) {
      rows = { deep: x.modes.shape, across: y.modes.shape, lengths: [x.modes.count, y.modes.count] };
      this.cuts.set(this.basis, rows);
    }
    return { rows, values: along(this.state, this.lengths, 2, z.middle, 1) };
  }

  private rows(part: "middle" | "within"): Three<Float64Array> {
    const [x, y, z] = this.basis;
    return [x[part], y[part], z[part]];
  }

  /** Every direction for one kind of exchange; one that is not there has a single cell. */
  private basisFor(extraM: number, sealed: Sealed): Basis {
    const key = sealed === "all" ? sealed : `${sealed} ${extraM}`;
    const known = this.kept.get(key);
    if (known) return known;
    const at = (i: number) =>
      i < this.axes.length ? axisBasis(this.axes[i], this.grading, extraM, sealed) : NOWHERE;
    const basis: Basis = [at(0), at(1), at(2)];
    this.kept.set(key, basis);
    return basis;
  }

  private spread(): [Float64Array, Float64Array] {
    const [x, y, z] = this.basis.map((axis) => axis.modes);
    const size = x.count * y.count * z.count;
    const rate = new Float64Array(size);
    const one = new Float64Array(size);
    let at = 0;
    for (let i = 0; i < x.count; i++)
      for (let j = 0; j < y.count; j++)
        for (let k = 0; k < z.count; k++) rate[at++] = x.rate[i] + y.rate[j] + z.rate[k];
    outer(x.one, y.one, z.one, one);
    return [rate, one];
  }

  private fromModes(): Float64Array {
    let values = this.state;
    for (const axis of [0, 1, 2] as const) {
      const { shape, count } = this.basis[axis].modes;
      values = along(values, this.lengths, axis, shape, count);
    }
    return values;
  }

  private toModes(strengths: Float64Array): Float64Array {
    let values = strengths;
    for (const axis of [0, 1, 2] as const) {
      values = along(values, this.lengths, axis, this.basis[axis].back, this.lengths[axis]);
    }
    return values;
  }
}

/** Where a shell's row begins; a direction that is not there has one row for all. */
const rowStart = (rows: Float64Array, length: number, shell: number): number =>
  Math.min(shell, rows.length / length - 1) * length;
