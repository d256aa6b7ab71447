import type { Grid } from "./grid";
import type { Body } from "./stages";

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
  /** Of a piece that is solved in its own directions: what the cut through its middle is read from, by `sectionAt`. */
  cut?: readonly CutPart[];
}

/**
 * The cells of a cut through the middle of a piece: faces from the middle (0) to the face (1); a thickness whose faces
 * differ goes from its other face (-1) to the barest.
 */
export interface SectionGrid {
  /** Along the thickness: one row of cells between each two. */
  deep: Float64Array;
  /** Along the width: 0 and 1 alone where it is taken as endless. */
  across: Float64Array;
}

/** The strengths of a cut through the middle, row by row of the thickness, are these rows times a moment's values, either way. */
export interface CutRows {
  /** Cells along the thickness by values, row after row. */
  deep: Float64Array;
  /** Cells along the width by values. */
  across: Float64Array;
  /** How many values either way. */
  lengths: readonly [number, number];
}

/** What a cut is read from: worked out where it is looked at, for one moment of the many that are kept. */
export interface CutPart {
  rows: CutRows;
  values: Float64Array;
  /** Strength that stands outside. */
  against: number;
  /** How much of the flesh this is: pieces that are veiled in part have two. */
  part: number;
}

export interface SoakRun {
  grid: Grid;
  section?: SectionGrid;
  moments: SoakMoment[];
  /** Steps taken, for the benchmarks. */
  steps: number;
}

export interface SoakOptions {
  cells?: number;
  /** A field of two or three directions is cut no finer than this along each; left out, as finely as its figures need. */
  fieldCells?: number | undefined;
  /** Strength at the start: one value, or a function of the relative position (0 centre, 1 face). */
  initialPerWater?: number | ((from: number, to: number) => number);
  /** Moments to record, seconds from the start, rising. The start and the end of each stage come as well. */
  outputTimesS?: readonly number[];
  /** Estimated error allowed in one step, relative. */
  stepTolerance?: number;
  /** Called once with the first body's grid, before the run. */
  onGrid?: (grid: Grid) => void;
  /** Called with every moment the engine steps through; what answers true stops it there. Read it then: later it tells of a later one. */
  onStep?: (moment: StepMoment) => unknown;
}

/** What an observer sees while the engine runs, each worked out where it is read; `perWater` holds the first body's cells. */
export interface StepMoment {
  readonly timeS: number;
  readonly perWater: Float64Array;
  readonly mean: number;
  readonly centre: number;
}

/** Several sizes of piece in one bath. */
export interface SharedBody extends Body {
  /** Flesh water of these pieces as a share of all in the bath; the shares sum to 1. */
  share: number;
}
