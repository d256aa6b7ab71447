import { gradedGrid } from "../grid";
import { gaussPoints } from "./gauss";
import { legendre, orthonormal, type Functions, type Points, type Written } from "./ritz";

/*
 * What the strength within an oval is made of: polynomials in the squares of its three directions, which tell the broad
 * course, and layers under its face, which tell a soak's first hours. Lengths are in half-axes: an eighth of the unit ball
 * stands for every oval.
 */

/** Sum of the powers of the squares. Found by trial: one more moves the middle by under 0.2 % of the step. */
const POWER = 5;
/** How thick the layers are, as shares of r², and the powers they go along the face with. Found by trial on early soaks. */
const LAYERS = [0.25, 0.1, 0.04, 0.016, 0.006];
const LAYER_POWER = 2;

const COUNT =
  ((POWER + 1) * (POWER + 2) * (POWER + 3)) / 6 + (LAYERS.length * (LAYER_POWER + 1) * (LAYER_POWER + 2)) / 2;

/** Points of a sum over the face in latitude and in longitude, and along a radius: cells that narrow outwards, points in each. */
const FACE_POINTS = 6;
const RADIUS_CELLS = 10;
const RADIUS_POINTS = 3;
const NARROWING = 4;

export type InOval = readonly [number, number, number];

export interface OvalFunctions extends Functions<InOval> {
  face: Points<InOval>;
  /** Every function's mean over the shell between two similar ovals. */
  meanBetween: (inner: number, outer: number) => Float64Array;
}

let made: OvalFunctions | undefined;

/** The functions of every oval alike, made at the first asking. */
export const ovalFunctions = (): OvalFunctions => (made ??= make());

function make(): OvalFunctions {
  const face = facePoints();
  const functions = orthonormal(writtenAt, volumePoints(face));
  return {
    ...functions,
    face,
    meanBetween: (inner, outer) => functions.summed(shellPoints(face, inner, outer)),
  };
}

/** Of an eighth of the unit sphere, by Gauss in the cosine of the latitude and in the longitude. */
function facePoints(): Points<InOval> {
  const { at: shares, weights } = gaussPoints(FACE_POINTS);
  const points: Points<InOval> = { at: [], weights: [] };
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
function shellPoints(face: Points<InOval>, inner: number, outer: number): Points<InOval> {
  const { at: shares, weights } = gaussPoints(RADIUS_POINTS);
  const points: Points<InOval> = { at: [], weights: [] };
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

function volumePoints(face: Points<InOval>): Points<InOval> {
  const { faces } = gradedGrid("slab", RADIUS_CELLS, 0, NARROWING);
  const points: Points<InOval> = { at: [], weights: [] };
  for (let i = 0; i < RADIUS_CELLS; i++) {
    const [inner, outer] = [faces[i], faces[i + 1]];
    const shell = shellPoints(face, inner, outer);
    points.at.push(...shell.at);
    points.weights.push(...shell.weights.map((weight) => weight * (outer ** 3 - inner ** 3)));
  }
  return points;
}

function writtenAt(point: InOval): Written {
  const [x, y, z] = point.map(ofSquare);
  const values = new Float64Array(COUNT);
  let at = 0;
  for (let i = 0; i <= POWER; i++)
    for (let j = 0; i + j <= POWER; j++)
      for (let k = 0; i + j + k <= POWER; k++) values[at++] = x.value[i] * y.value[j] * z.value[k];
  for (const thick of LAYERS) {
    const layer = layerAt(point, thick);
    for (let i = 0; i <= LAYER_POWER; i++)
      for (let j = 0; i + j <= LAYER_POWER; j++) values[at++] = x.value[i] * y.value[j] * layer;
  }
  return { values, slopes: () => slopesAt(point, [x, y, z]) };
}

const layerAt = ([x, y, z]: InOval, thick: number): number =>
  Math.exp((x ** 2 + y ** 2 + z ** 2 - 1) / thick);

function slopesAt(point: InOval, [x, y, z]: readonly OfSquare[]): Float64Array[] {
  const slopes = point.map(() => new Float64Array(COUNT));
  const [alongX, alongY, alongZ] = slopes;
  let at = 0;
  for (let i = 0; i <= POWER; i++)
    for (let j = 0; i + j <= POWER; j++)
      for (let k = 0; i + j + k <= POWER; k++, at++) {
        alongX[at] = x.slope[i] * y.value[j] * z.value[k];
        alongY[at] = x.value[i] * y.slope[j] * z.value[k];
        alongZ[at] = x.value[i] * y.value[j] * z.slope[k];
      }
  for (const thick of LAYERS) {
    const layer = layerAt(point, thick);
    const [steepX, steepY, steepZ] = point.map((part) => (2 * part) / thick);
    for (let i = 0; i <= LAYER_POWER; i++)
      for (let j = 0; i + j <= LAYER_POWER; j++, at++) {
        const flat = x.value[i] * y.value[j];
        alongX[at] = (x.slope[i] * y.value[j] + flat * steepX) * layer;
        alongY[at] = (x.value[i] * y.slope[j] + flat * steepY) * layer;
        alongZ[at] = flat * steepZ * layer;
      }
  }
  return slopes;
}

interface OfSquare {
  value: readonly number[];
  slope: readonly number[];
}

/** Polynomials of a direction's square, and their slopes along it. */
function ofSquare(part: number): OfSquare {
  const { value, slope } = legendre(part * part, POWER);
  return { value, slope: slope.map((each) => each * 2 * part) };
}
