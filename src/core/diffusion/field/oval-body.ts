import { Matrix } from "ml-matrix";
import { remembered } from "../../remembered";
import { gradedGrid, type Grid } from "../grid";
import type { CutPart, CutRows, SectionGrid } from "../run";
import type { Grading, Sealed, SolidAxis } from "./axis";
import { leftOf, type ModalBody } from "./modal-body";
import { ovalFunctions, type InOval } from "./oval-functions";
import { addTo, dot, filmOf, ritzModes, type RitzModes } from "./ritz";

const kept = remembered<RitzModes>(48);

/**
 * An ellipsoid, as a whole fish is taken: its state as modes by Rayleigh and Ritz, solved once for each kind of exchange.
 * Its shells lie between similar ovals.
 */
export class OvalBody implements ModalBody {
  readonly grid: Grid;
  private readonly functions = ovalFunctions();
  private readonly seen: Readings;
  /** Solved when they are first asked for: what is the same throughout, and has not met its outside, is read without. */
  private modes: RitzModes | undefined;
  private level: number | undefined;
  private summed: Float64Array | undefined;
  private readonly decay: Float64Array;
  state: Float64Array;

  /**
   * @param axes three of them, the thickness first; what lies on its face is that of the first
   * @param initial strength throughout, or by shell from the middle out
   */
  constructor(
    private readonly axes: readonly SolidAxis[],
    grading: Grading,
    initial: number | ((shell: number) => number),
  ) {
    this.grid = gradedGrid("slab", grading.cells, 2, grading.power);
    this.seen = readingsOf(this.grid);
    this.decay = new Float64Array(this.functions.count);
    if (typeof initial === "number") {
      this.level = initial;
      this.state = new Float64Array(this.functions.count);
    } else {
      const { shells } = this.seen;
      const { volumes } = this.grid;
      const sums = new Float64Array(this.functions.count);
      shells.forEach((row, shell) => addTo(sums, row, volumes[shell] * initial(shell)));
      this.state = this.toModes(sums);
    }
  }

  private get solved(): RitzModes {
    this.modes ??= this.modesFor(0, "all");
    return this.modes;
  }

  get rate(): Float64Array {
    return this.solved.rate;
  }

  get one(): Float64Array {
    return this.solved.one;
  }

  moved(): void {
    this.level = undefined;
    this.summed = undefined;
  }

  exchangeWith(outside: number, next: number, extraM: number, sealed: Sealed): void {
    const modes = this.modesFor(extraM, sealed);
    if (this.level !== undefined) {
      const level = this.level + outside - next;
      this.level = level;
      this.summed = undefined;
      this.modes = modes;
      this.state = modes.one.map((one) => one * level);
      return;
    }
    const { flat } = this.functions;
    const sums = this.sums().map((sum, i) => sum + flat[i] * (outside - next));
    this.modes = modes;
    this.state = this.toModes(sums);
    this.summed = undefined;
  }

  decayed(reach: number): Float64Array {
    const { rate } = this;
    for (let k = 0; k < rate.length; k++) this.decay[k] = leftOf(rate[k], reach);
    return this.decay;
  }

  /** @throws RangeError always: it has one face, all about */
  through(): number {
    throw new RangeError("only a plane has two faces");
  }

  mean(): number {
    return this.level ?? dot(this.one, this.state);
  }

  shells(outside: number): Float64Array {
    return Float64Array.from(this.read(this.seen.shells, outside));
  }

  middle(outside: number): number {
    return this.read([this.seen.middle], outside)[0];
  }

  underFace(outside: number): number {
    return this.read([this.seen.under], outside)[0];
  }

  sectionGrid(): SectionGrid {
    return { deep: this.seen.edges, across: this.seen.edges };
  }

  cut(): Pick<CutPart, "rows" | "values"> {
    return { rows: this.seen.cut, values: this.sums() };
  }

  /** Strengths where functions are known. A steep front rings: no strength is less than nothing. */
  private read(rows: readonly Float64Array[], outside: number): number[] {
    const { level } = this;
    if (level !== undefined) return rows.map(() => level + outside);
    const sums = this.sums();
    return rows.map((row) => Math.max(0, outside + dot(row, sums)));
  }

  /** The state in the functions: worked out once for all that is read of a moment. */
  private sums(): Float64Array {
    this.summed ??= this.inFunctions();
    return this.summed;
  }

  private inFunctions(): Float64Array {
    const { count, flat } = this.functions;
    const { level } = this;
    if (level !== undefined) return flat.map((f) => f * level);
    const { shape } = this.solved;
    return flat.map((_, i) => dot(shape.subarray(i * count, (i + 1) * count), this.state));
  }

  private toModes(sums: Float64Array): Float64Array {
    const { count } = this.functions;
    const { shape } = this.solved;
    const state = new Float64Array(count);
    for (let i = 0; i < count; i++) addTo(state, shape.subarray(i * count, (i + 1) * count), sums[i]);
    return state;
  }

  private modesFor(extraM: number, sealed: Sealed): RitzModes {
    const halves = this.axes.map(({ halfM }) => halfM);
    const film = filmOf(this.axes[0].barrierM + extraM, Math.min(...halves), sealed);
    return kept([...halves, film].join(), () => solvedFor(halves, film));
  }
}

/** @param halves half-axes, m  @param filmM what lies on the face, metres of flesh; Infinity where nothing passes */
function solvedFor(halves: readonly number[], filmM: number): RitzModes {
  const { count, slopes, face, flat, products } = ovalFunctions();
  const total = Matrix.zeros(count, count);
  slopes.forEach((matrix, d) => total.add(Matrix.mul(matrix, 1 / halves[d] ** 2)));
  if (filmM !== Infinity) {
    // Area over volume at each point of the face, 1/m, over the film.
    const steep = (point: InOval) => Math.hypot(...point.map((part, d) => part / halves[d]));
    const weights = face.at.map((point, i) => (face.weights[i] * 3 * steep(point)) / filmM);
    total.add(products({ at: face.at, weights }));
  }
  return ritzModes(total, flat);
}

/** What is read from an oval, each a row of the functions; the same for all that are cut alike. */
interface Readings {
  shells: Float64Array[];
  middle: Float64Array;
  under: Float64Array;
  /** The cut's cells along either direction, and their rows: all of them by one thing's values. */
  edges: Float64Array;
  cut: CutRows;
}

const readings = remembered<Readings>(4);

/** Fine enough for its outline to look round. */
const SECTION = { cells: 24, power: 2.8 };

function readingsOf({ cells, faces, centroids }: Grid): Readings {
  return readings([...faces].join(), () => {
    const { at, count, meanBetween } = ovalFunctions();
    const cut = gradedGrid("slab", SECTION.cells, 0, SECTION.power);
    const cell = (deep: number, across: number) => {
      // What lies beyond the oval has its face's strength.
      const beyond = Math.max(1, Math.hypot(deep, across));
      return at([deep / beyond, across / beyond, 0]);
    };
    return {
      shells: Array.from({ length: cells }, (_, i) => meanBetween(faces[i], faces[i + 1])),
      middle: at([0, 0, 0]),
      under: at([centroids[cells - 1], 0, 0]),
      edges: cut.faces,
      cut: {
        deep: Float64Array.from(
          [...cut.centroids].flatMap((deep) =>
            [...cut.centroids].flatMap((across) => [...cell(deep, across)]),
          ),
        ),
        across: Float64Array.of(1),
        lengths: [count, 1],
      },
    };
  });
}
