import { remembered } from "../remembered";

export type BodyShape = "slab" | "cylinder" | "sphere";

/** The surface of a body of this shape grows as its radius to this power. */
export const SHAPE_EXPONENT: Record<BodyShape, number> = { slab: 0, cylinder: 1, sphere: 2 };

/** Cells along the half-thickness, from the centre (or sealed face) to the open face; positions relative to it. */
export interface Grid {
  shape: BodyShape;
  exponent: number;
  cells: number;
  /** cells + 1 faces, 0 to 1. */
  faces: Float64Array;
  /** Volume-weighted middle of each cell. */
  centroids: Float64Array;
  /** Share of the whole volume in each cell; sums to 1. */
  volumes: Float64Array;
  /** Conductance between neighbours for unit diffusivity and unit half-thickness; last entry: cell to open face. */
  conductances: Float64Array;
}

/** How much wider the innermost cell is than the outermost: e to this power. Found by trial on early soaks. */
const GRADING = 4;

/**
 * A grid graded towards the open face, where a soak begins steeply. Each cell is wider than its outer neighbour by
 * one same factor; so smooth a grading keeps the scheme second order.
 * @param ownExponent for an equivalent body: its surface grows as r to this power, 0 to 8
 * @param grading e to this power is the widest cell over the narrowest; less where there are few cells
 */
export function gradedGrid(
  shape: BodyShape,
  cells: number,
  ownExponent?: number,
  grading: number = GRADING,
): Grid {
  const exponent = ownExponent ?? SHAPE_EXPONENT[shape];
  return grids([shape, cells, exponent, grading].join(), () => graded(shape, cells, exponent, grading));
}

/** The same piece is soaked again and again. Not to be changed by who asks. */
const grids = remembered<Grid>(32);

function graded(shape: BodyShape, cells: number, exponent: number, grading: number): Grid {
  const power = exponent + 1;
  const faces = new Float64Array(cells + 1);
  for (let i = 0; i <= cells; i++) faces[i] = 1 - Math.expm1(grading * (1 - i / cells)) / Math.expm1(grading);
  const volumes = new Float64Array(cells);
  const centroids = new Float64Array(cells);
  for (let i = 0; i < cells; i++) {
    volumes[i] = faces[i + 1] ** power - faces[i] ** power;
    const moment = (faces[i + 1] ** (power + 1) - faces[i] ** (power + 1)) * (power / (power + 1));
    centroids[i] = moment / volumes[i];
  }
  const conductances = new Float64Array(cells);
  for (let i = 0; i < cells; i++) {
    const next = i + 1 < cells ? centroids[i + 1] : 1;
    conductances[i] = (power * faces[i + 1] ** exponent) / (next - centroids[i]);
  }
  return { shape, exponent, cells, faces, centroids, volumes, conductances };
}
