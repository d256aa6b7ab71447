import { CholeskyDecomposition, inverse, Matrix } from "ml-matrix";
import { gaussPoints } from "./gauss";

/*
 * What the strength within an oval is made of: polynomials in the squares of its three directions, which tell the broad
 * course, and layers under its face, which tell a soak's first hours. Lengths are in half-axes: an eighth of the unit ball
 * stands for every oval. The functions are made orthonormal over the volume, so that a coefficient is a sum of salt.
 */

/** Sum of the powers of the squares. Found by trial: one more moves the middle by under 0.2 % of the step. */
const POWER = 5;
/** How thick the layers are, as shares of r², and the powers they go along the face with. Found by trial on early soaks. */
const LAYERS = [0.25, 0.1, 0.04, 0.016, 0.006];
const LAYER_POWER = 2;

/** Points of a sum over the face in latitude and in longitude, and along a radius: cells that narrow outwards, points in each. */
const FACE_POINTS = 6;
const RADIUS_CELLS = 10;
const RADIUS_POINTS = 3;
const NARROWING = 4;

type Point = readonly [number, number, number];

interface Points {
  at: Point[];
  /** Shares of the whole; they sum to 1. */
  weights: number[];
}

export interface OvalFunctions {
  count: number;
  /** Sums over the volume of products of slopes, direction by direction. */
  slopes: readonly Matrix[];
  /** Points of the face, and every function there: functions by points. */
  face: Points & { values: Matrix };
  /** What a strength of 1 throughout is in them. */
  flat: Float64Array;
  /** Every function at a point. */
  at: (point: Point) => Float64Array;
  /** Every function's mean over the shell between two similar ovals. */
  meanBetween: (inner: number, outer: number) => Float64Array;
}

let made: OvalFunctions | undefined;

/** The functions of every oval alike, made at the first asking. */
export const ovalFunctions = (): OvalFunctions => (made ??= make());

function make(): OvalFunctions {
  const face = facePoints();
  const volume = volumePoints(face);
  const raw = volume.at.map(rawAt);
  const { values: products, slopes: steep } = productsOf(raw, volume.weights);
  // Rows of raw values times this are rows of orthonormal ones.
  const turn = inverse(new CholeskyDecomposition(products).lowerTriangularMatrix).transpose();
  const turned = (row: readonly number[]) => Float64Array.from(new Matrix([[...row]]).mmul(turn).getRow(0));
  const meanOf = ({ at, weights }: Points) => {
    const sums = turn.getRow(0).map(() => 0);
    at.forEach((point, i) => rawAt(point).values.forEach((value, k) => (sums[k] += weights[i] * value)));
    return turned(sums);
  };
  return {
    count: turn.rows,
    slopes: steep.map((matrix) => turn.transpose().mmul(matrix).mmul(turn)),
    face: { ...face, values: new Matrix(face.at.map((point) => rawAt(point).values)).mmul(turn).transpose() },
    flat: meanOf(volume),
    at: (point) => turned(rawAt(point).values),
    meanBetween: (inner, outer) => meanOf(shellPoints(face, inner, outer)),
  };
}

/** Sums over the points of products of every two functions, and of their slopes along each direction. */
function productsOf(
  points: readonly Raw[],
  weights: readonly number[],
): { values: Matrix; slopes: Matrix[] } {
  const of = (read: (point: Raw) => readonly number[]) => {
    const count = read(points[0]).length;
    const sums = new Float64Array(count * count);
    points.forEach((point, i) => {
      const row = Float64Array.from(read(point));
      for (let a = 0; a < count; a++) {
        const weight = weights[i] * row[a];
        for (let b = 0; b <= a; b++) sums[a * count + b] += weight * row[b];
      }
    });
    for (let a = 0; a < count; a++) for (let b = 0; b < a; b++) sums[b * count + a] = sums[a * count + b];
    return Matrix.from1DArray(count, count, sums);
  };
  return { values: of((p) => p.values), slopes: [0, 1, 2].map((d) => of((p) => p.slopes[d])) };
}

/** Of an eighth of the unit sphere, by Gauss in the cosine of the latitude and in the longitude. */
function facePoints(): Points {
  const { at: shares, weights } = gaussPoints(FACE_POINTS);
  const points: Points = { at: [], weights: [] };
  shares.forEach((cosine, i) =>
    shares.forEach((turn, j) => {
      const sine = Math.sqrt(1 - cosine ** 2);
      const angle = (turn * Math.PI) / 2;
      points.at.push([cosine, sine * Math.cos(angle), sine * Math.sin(angle)]);
      points.weights.push(weights[i] * weights[j]);
    }),
  );
  return points;
}

/** Of all that lies between two radii, 0 to 1; the weights sum to 1. */
function shellPoints(face: Points, inner: number, outer: number): Points {
  const { at: shares, weights } = gaussPoints(RADIUS_POINTS);
  const points: Points = { at: [], weights: [] };
  const volume = (outer ** 3 - inner ** 3) / 3;
  shares.forEach((share, i) => {
    const radius = inner + (outer - inner) * share;
    const weight = (weights[i] * (outer - inner) * radius ** 2) / volume;
    face.at.forEach(([x, y, z], j) => {
      points.at.push([radius * x, radius * y, radius * z]);
      points.weights.push(weight * face.weights[j]);
    });
  });
  return points;
}

function volumePoints(face: Points): Points {
  const edge = (i: number) => 1 - Math.expm1(NARROWING * (1 - i / RADIUS_CELLS)) / Math.expm1(NARROWING);
  const points: Points = { at: [], weights: [] };
  for (let i = 0; i < RADIUS_CELLS; i++) {
    const [inner, outer] = [edge(i), edge(i + 1)];
    const shell = shellPoints(face, inner, outer);
    points.at.push(...shell.at);
    points.weights.push(...shell.weights.map((weight) => weight * (outer ** 3 - inner ** 3)));
  }
  return points;
}

/** Every function as it is written down, and its slope along each direction. */
interface Raw {
  values: number[];
  slopes: [number[], number[], number[]];
}

function rawAt(point: Point): Raw {
  const along = point.map(legendreOfSquare);
  const [x, y, z] = along;
  const values: number[] = [];
  const slopes: [number[], number[], number[]] = [[], [], []];
  for (let i = 0; i <= POWER; i++)
    for (let j = 0; i + j <= POWER; j++)
      for (let k = 0; i + j + k <= POWER; k++) {
        values.push(x.value[i] * y.value[j] * z.value[k]);
        slopes[0].push(x.slope[i] * y.value[j] * z.value[k]);
        slopes[1].push(x.value[i] * y.slope[j] * z.value[k]);
        slopes[2].push(x.value[i] * y.value[j] * z.slope[k]);
      }
  const under = 1 - point.reduce((sum, part) => sum + part ** 2, 0);
  for (const thick of LAYERS) {
    const layer = Math.exp(-under / thick);
    for (let i = 0; i <= LAYER_POWER; i++)
      for (let j = 0; i + j <= LAYER_POWER; j++) {
        const flat = x.value[i] * y.value[j];
        values.push(flat * layer);
        const along = [x.slope[i] * y.value[j], x.value[i] * y.slope[j], 0];
        point.forEach((part, d) => slopes[d].push((along[d] + (flat * 2 * part) / thick) * layer));
      }
  }
  return { values, slopes };
}

/** Legendre's polynomials of 2x² − 1 and their slopes in x, by their recurrence. */
function legendreOfSquare(x: number): { value: number[]; slope: number[] } {
  const u = 2 * x * x - 1;
  const value = [1, u];
  const slope = [0, 1];
  for (let n = 1; n < POWER; n++) {
    value.push(((2 * n + 1) * u * value[n] - n * value[n - 1]) / (n + 1));
    slope.push((2 * n + 1) * value[n] + slope[n - 1]);
  }
  return { value, slope: slope.map((s) => 4 * x * s) };
}
