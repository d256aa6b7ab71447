import { Matrix } from "ml-matrix";
import { wedgeAround, wedgeDeepest } from "../../wedge";
import { gradedGrid } from "../grid";
import { gaussPoints } from "./gauss";
import {
  legendre,
  orthonormal,
  ritzModes,
  type Functions,
  type Points,
  type RitzModes,
  type Written,
} from "./ritz";

/*
 * What the strength across a wedge is made of: polynomials, and layers under its back and its two like sides. A place is how
 * far from the edge to the back (0 to 1), and how far aside, in halves of the back: half a triangle stands for every wedge.
 */

/** Powers of the polynomials, and of what goes along a face with its layers. Found by trial against finer ones. */
const POWER = 10;
const LAYER_POWER = 2;
/** How thick the layers are, as shares of the way from a face to the corner across. */
const LAYERS = [0.05, 0.02, 0.008, 0.003, 0.0012];

const COUNT = (POWER / 2 + 1) ** 2 + LAYERS.length * 2 * (LAYER_POWER + 1);

/** Cells along a radius, and along a face, that narrow towards the faces and the corners; points in each. */
const RADIUS_CELLS = 10;
const FACE_CELLS = 6;
const POINTS = 3;
const NARROWING = 4;

/** From edge to back, and aside. */
type InWedge = readonly [number, number];

type Face = "back" | "side";

let made: Functions<InWedge> | undefined;

const wedgeFunctions = (): Functions<InWedge> =>
  (made ??= orthonormal(
    writtenAt,
    withinPoints([2 / 3, 0], { back: 1 / 3, side: 2 / 3 }, 0, 1, RADIUS_CELLS),
  ));

/** A wedge's triangle: how long its back, and how deep from edge to back, m. */
export interface WedgeSize {
  backM: number;
  deepM: number;
}

/** What stands outside either face, metres of flesh: Infinity where nothing passes. */
export type WedgeFilms = Record<Face, number>;

export function wedgeModes({ backM, deepM }: WedgeSize, films: WedgeFilms): RitzModes {
  const { slopes, flat, products } = wedgeFunctions();
  const total = Matrix.mul(slopes[0], 1 / deepM ** 2).add(Matrix.mul(slopes[1], 4 / backM ** 2));
  // Length of each face over the area, 1/m, over its film.
  const area = (backM * deepM) / 2;
  const long = { back: backM, side: wedgeAround(backM, deepM) - backM };
  for (const face of ["back", "side"] as const) {
    if (films[face] === Infinity) continue;
    const { at, weights } = facePoints(face);
    total.add(products({ at, weights: weights.map((w) => (w * long[face]) / area / films[face]) }));
  }
  return ritzModes(total, flat);
}

/** What is read across a wedge, each a row of its functions. */
export interface WedgeReadings {
  /** The deepest flesh, as far from all three faces. */
  middle: Float64Array;
  /** Just within the middle of the back. */
  under: Float64Array;
  /** From every shell inwards, as shares of the whole: similar triangles about the deepest flesh. */
  within: Float64Array[];
}

/** @param faces of the shells, from 0 at the deepest flesh to 1  @param under how far out to the back, 0 to 1 */
export function wedgeReadings(
  { backM, deepM }: WedgeSize,
  faces: Float64Array,
  under: number,
): WedgeReadings {
  const { at, summed, count } = wedgeFunctions();
  const middle: InWedge = [1 - wedgeDeepest(backM, deepM) / deepM, 0];
  const backShare = backM / wedgeAround(backM, deepM);
  const shares = { back: backShare, side: 1 - backShare };
  const within: Float64Array[] = [];
  let before = new Float64Array(count);
  for (let s = 0; s + 1 < faces.length; s++) {
    const shell = summed(withinPoints(middle, shares, faces[s], faces[s + 1], 1));
    before = before.map((sum, k) => sum + shell[k]);
    within.push(before);
  }
  return { middle: at(middle), under: at([middle[0] + (1 - middle[0]) * under, 0]), within };
}

const edgesOf = (cells: number): number[] => [...gradedGrid("slab", cells, 0, NARROWING).faces];

/** Shares of a line, in cells that narrow towards its ends; the weights sum to 1. */
function linePoints(ends: "both" | "far"): { at: number[]; weights: number[] } {
  const edges = edgesOf(FACE_CELLS);
  const { at, weights } = gaussPoints(POINTS);
  const half = edges.slice(1).flatMap((to, i) =>
    Array.from(at, (share, k) => ({
      at: edges[i] + (to - edges[i]) * share,
      weight: (to - edges[i]) * weights[k],
    })),
  );
  if (ends === "far") return { at: half.map((p) => p.at), weights: half.map((p) => p.weight) };
  const both = [...half.map((p) => ({ ...p, at: -p.at })), ...half];
  return { at: both.map((p) => (p.at + 1) / 2), weights: both.map((p) => p.weight / 2) };
}

/** Half of the back, from its middle to the corner; or one whole side, from edge to back. */
function facePoints(face: Face): Points<InWedge> {
  const line = linePoints(face === "back" ? "far" : "both");
  return {
    at: line.at.map((share) => (face === "back" ? [1, share] : [share, share])),
    weights: line.weights,
  };
}

/**
 * Of what lies between two similar triangles about a place of the middle line; the weights are shares of the whole.
 * @param shares of the triangle, what lies between that place and either face
 */
function withinPoints(
  [middle]: InWedge,
  shares: Record<Face, number>,
  inner: number,
  outer: number,
  cells: number,
): Points<InWedge> {
  const { at: parts, weights } = gaussPoints(POINTS);
  const edges = edgesOf(cells).map((edge) => inner + (outer - inner) * edge);
  const points: Points<InWedge> = { at: [], weights: [] };
  for (const face of ["back", "side"] as const) {
    const line = facePoints(face);
    for (let i = 0; i < cells; i++)
      parts.forEach((part, k) => {
        const radius = edges[i] + (edges[i + 1] - edges[i]) * part;
        const weight = shares[face] * 2 * radius * (edges[i + 1] - edges[i]) * weights[k];
        line.at.forEach(([x, y], j) => {
          points.at.push([middle + (x - middle) * radius, y * radius]);
          points.weights.push(weight * line.weights[j]);
        });
      });
  }
  return points;
}

function writtenAt(place: InWedge): Written {
  const { along, aside } = polynomialsAt(place);
  const values = new Float64Array(COUNT);
  let at = 0;
  for (let i = 0; i <= POWER; i++)
    for (let j = 0; i + 2 * j <= POWER; j++) values[at++] = along.value[i] * aside.value[j];
  for (const thick of LAYERS) {
    const { back, both } = layersAt(place, thick);
    for (let n = 0; n <= LAYER_POWER; n++) {
      values[at++] = back * aside.value[n];
      values[at++] = both * along.value[n];
    }
  }
  return { values, slopes: () => slopesAt(place) };
}

function slopesAt(place: InWedge): Float64Array[] {
  const { along, aside } = polynomialsAt(place);
  const [inAlong, inAside] = [new Float64Array(COUNT), new Float64Array(COUNT)];
  let at = 0;
  for (let i = 0; i <= POWER; i++)
    for (let j = 0; i + 2 * j <= POWER; j++, at++) {
      inAlong[at] = along.slope[i] * aside.value[j];
      inAside[at] = along.value[i] * aside.slope[j];
    }
  for (const thick of LAYERS) {
    const { back, both, apart } = layersAt(place, thick);
    for (let n = 0; n <= LAYER_POWER; n++) {
      inAlong[at] = (back / thick) * aside.value[n];
      inAside[at++] = back * aside.slope[n];
      inAlong[at] = (-both / 2 / thick) * along.value[n] + both * along.slope[n];
      inAside[at++] = (apart / 2 / thick) * along.value[n];
    }
  }
  return [inAlong, inAside];
}

function polynomialsAt([x, y]: InWedge) {
  const square = legendre(y * y, POWER / 2);
  const aside = { value: square.value, slope: square.slope.map((slope) => slope * 2 * y) };
  return { along: legendre(x, POWER), aside };
}

/** Layers under the back and under both sides together: how far from a side is half of x less y, or of x and y. */
function layersAt([x, y]: InWedge, thick: number) {
  const [near, far] = [Math.exp(-(x - y) / 2 / thick), Math.exp(-(x + y) / 2 / thick)];
  return { back: Math.exp(-(1 - x) / thick), both: near + far, apart: near - far };
}
