import { remembered } from "../../remembered";
import { gradedGrid } from "../grid";
import {
  axisCells,
  axisModes,
  type AxisBasis,
  type AxisCells,
  type AxisModes,
  type Grading,
  type Sealed,
  type SolidAxis,
} from "./axis";
import { wedgeBasis } from "./wedge-basis";

/** Enough for a piece in all its ways, and for the one before. */
const kept = remembered<AxisBasis>(96);

/**
 * A direction's own sums, done once: the same piece is soaked in many strengths. Not to be changed by who asks.
 * @param extraM what a still bath or a crust adds on every open face, metres of flesh
 */
export function axisBasis(axis: SolidAxis, grading: Grading, extraM: number, sealed: Sealed): AxisBasis {
  const { kind, halfM, barrierM, otherBarrierM = barrierM, deepM } = axis;
  const { cells, power } = grading;
  const key = [
    kind,
    halfM,
    deepM,
    barrierM,
    otherBarrierM,
    cells,
    power,
    sealed,
    sealed === "all" ? 0 : extraM,
  ].join();
  return kept(key, () => {
    const shells = gradedGrid("slab", cells, 0, power);
    return kind === "wedge"
      ? wedgeBasis(axis, shells, extraM, sealed)
      : basisOf(axisCells(axis, grading, extraM, sealed), cells, shells.faces);
  });
}

function basisOf(cells: AxisCells, shells: number, faces: Float64Array): AxisBasis {
  const modes = axisModes(cells);
  const last = rowOf(modes, cells.count - 1);
  return {
    modes,
    back: cellsToModes(cells, modes),
    within: withinShells(cells, modes, shells),
    middle: middleRow(cells, modes, faces),
    outermost: last,
    faces: {
      low: rowOf(modes, 0).map((shape) => shape * cells.low),
      high: last.map((shape) => shape * cells.high),
    },
  };
}

/** A direction the solid does not have: one cell, no exchange. */
export const NOWHERE: AxisBasis = basisOf(
  {
    count: 1,
    power: 1,
    mass: Float64Array.of(1),
    shell: Uint8Array.of(0),
    link: new Float64Array(0),
    low: 0,
    high: 0,
  },
  1,
  Float64Array.of(0, 1),
);

function cellsToModes({ count, mass }: AxisCells, { shape }: AxisModes): Float64Array {
  const back = new Float64Array(count * count);
  for (let cell = 0; cell < count; cell++)
    for (let mode = 0; mode < count; mode++)
      back[mode * count + cell] = mass[cell] * shape[cell * count + mode];
  return back;
}

/** For each shell, what lies within it along one direction: sums of mass times mode. */
function withinShells({ count, mass, shell }: AxisCells, { shape }: AxisModes, shells: number): Float64Array {
  const rows = count === 1 ? 1 : shells;
  const sums = new Float64Array(rows * count);
  for (let s = 0; s < rows; s++)
    for (let cell = 0; cell < count; cell++) {
      if (shell[cell] > s) continue;
      for (let mode = 0; mode < count; mode++)
        sums[s * count + mode] += mass[cell] * shape[cell * count + mode];
    }
  return sums;
}

/** The very middle: an even parabola through the first two cells, on either side of it where there are two. */
function middleRow(
  { count, shell, power: p }: AxisCells,
  modes: AxisModes,
  faces: Float64Array,
): Float64Array {
  if (count === 1) return Float64Array.of(1);
  const meanSquare = (i: number) =>
    ((faces[i + 1] ** (p + 2) - faces[i] ** (p + 2)) * (p / (p + 2))) / (faces[i + 1] ** p - faces[i] ** p);
  const part = meanSquare(0) / (meanSquare(1) - meanSquare(0));
  const row = new Float64Array(count);
  const sides = shell[0] === 0 ? 1 : 2;
  for (let cell = 0; cell < count; cell++) {
    const weight = shell[cell] === 0 ? 1 + part : shell[cell] === 1 ? -part : 0;
    if (weight === 0) continue;
    for (let mode = 0; mode < count; mode++) row[mode] += (weight / sides) * modes.shape[cell * count + mode];
  }
  return row;
}

function rowOf({ shape, count }: AxisModes, cell: number): Float64Array {
  return shape.slice(cell * count, (cell + 1) * count);
}
