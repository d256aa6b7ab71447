import { gradedGrid } from "../grid";
import { symmetricTridiagonal } from "./tridiagonal";

/**
 * One direction of a solid: a plane wetted alike at both ends (half of it is enough), a plane with an end of its own each,
 * the radius of a round, one of an oval's three, or the triangle a wedge is cut to.
 */
export interface SolidAxis {
  kind: "half" | "full" | "radius" | "oval" | "wedge";
  /** From the middle to the face, m; of a wedge half of its back. */
  halfM: number;
  /** Of a wedge, from its edge to its back, m. */
  deepM?: number;
  /** What lies on the outer face, as metres of flesh: 0 bare, Infinity sealed. */
  barrierM: number;
  /** Of a full plane, the same for its other face; of a wedge, for its back. */
  otherBarrierM?: number;
}

/** Which faces let nothing through: none, all, or of a full plane its other or its outer one alone. */
export type Sealed = "none" | "all" | "low" | "high";

/** How a half is cut: into so many cells, the widest e to this power of the narrowest. */
export interface Grading {
  cells: number;
  power: number;
}

/** An axis cut into cells, diffusivity left out: m dc/dt = D · (links). */
export interface AxisCells {
  count: number;
  /** Volume within a distance of the middle goes with the distance to this power: 1 for a plane, 2 for a radius. */
  power: 1 | 2;
  /** Share of the axis's volume in each cell; sums to 1. */
  mass: Float64Array;
  /** Which nested shell each cell lies in, 0 at the middle. */
  shell: Uint8Array;
  /** Cell to its next one, 1/m². */
  link: Float64Array;
  /** Cell to the outside at either end, 1/m²; 0 where it is sealed. */
  low: number;
  high: number;
}

/** The axis in modes that decay each at its own rate: exact in time for whatever the cells say. */
export interface AxisModes {
  count: number;
  /** Decay over the diffusivity, 1/m², 0 or more. */
  rate: Float64Array;
  /** Cells (of a wedge: functions) by modes, row after row: orthonormal in the cells' masses. */
  shape: Float64Array;
  /** What a strength of 1 throughout is in modes. */
  one: Float64Array;
}

/** One direction for one kind of exchange: its modes, and what is read by them. */
export interface AxisBasis {
  modes: AxisModes;
  /** Values to modes: what a cell or function adds to each mode. */
  back: Float64Array;
  /** From a shell inwards: sums of mass by mode, row after row of shells. A direction that is not there has one row. */
  within: Float64Array;
  /** The middle by mode, corrected for the width of its cell. */
  middle: Float64Array;
  /** Just within the barest face, by mode. */
  outermost: Float64Array;
  /** Of a plane: either face's cell by mode, times what lets through there, 1/m². */
  faces?: { low: Float64Array; high: Float64Array };
}

/** @param extraM what a still bath or a crust adds on every open face, metres of flesh */
export function axisCells(axis: SolidAxis, grading: Grading, extraM: number, sealed: Sealed): AxisCells {
  const { kind, halfM, barrierM, otherBarrierM = barrierM } = axis;
  const { cells, power } = grading;
  const grid = gradedGrid("slab", cells, kind === "radius" ? 1 : 0, power);
  const per = 1 / halfM ** 2;
  const face = grid.conductances[cells - 1] * per;
  const end = (side: "low" | "high", barrier: number) => {
    const thick = barrier + extraM;
    if (sealed === "all" || sealed === side || thick === Infinity) return 0;
    return thick === 0 ? face : 1 / (1 / face + (thick * halfM) / (grid.exponent + 1));
  };
  const inner = grid.conductances.subarray(0, cells - 1).map((c) => c * per);
  if (kind !== "full")
    return {
      count: cells,
      power: kind === "radius" ? 2 : 1,
      mass: grid.volumes,
      shell: Uint8Array.from({ length: cells }, (_, i) => i),
      link: inner,
      low: 0,
      high: end("high", barrierM),
    };
  // Both halves, back to back: each has half the volume, and so half of every link.
  const mirrored = (half: Float64Array) => Float64Array.from([...half].reverse().concat([...half]));
  const middle = per / (2 * grid.centroids[0]);
  return {
    count: 2 * cells,
    power: 1,
    mass: mirrored(grid.volumes).map((v) => v / 2),
    shell: Uint8Array.from({ length: 2 * cells }, (_, i) => (i < cells ? cells - 1 - i : i - cells)),
    link: Float64Array.from([...[...inner].reverse(), middle, ...inner]).map((l) => l / 2),
    low: end("low", otherBarrierM) / 2,
    high: end("high", barrierM) / 2,
  };
}

/** Modes of an axis, by the eigenvectors of its symmetric form. */
export function axisModes({ count, mass, link, low, high }: AxisCells): AxisModes {
  const root = mass.map(Math.sqrt);
  const diagonal = mass.map((m, i) => {
    const before = i > 0 ? link[i - 1] : low;
    const after = i < count - 1 ? link[i] : high;
    return (before + after) / m;
  });
  const off = Float64Array.from({ length: count - 1 }, (_, i) => -link[i] / (root[i] * root[i + 1]));
  const { values, vectors } = symmetricTridiagonal(diagonal, off);
  const rate = values.map((value) => Math.max(0, value));
  const shape = new Float64Array(count * count);
  const one = new Float64Array(count);
  for (let cell = 0; cell < count; cell++)
    for (let mode = 0; mode < count; mode++) {
      const entry = vectors[cell * count + mode];
      shape[cell * count + mode] = entry / root[cell];
      one[mode] += root[cell] * entry;
    }
  return { count, rate, shape, one };
}
