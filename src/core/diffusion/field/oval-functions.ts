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

/** Polynomials of a direction's square, and their slopes along it. */
function ofSquare(part: number): { value: number[]; slope: number[] } {
  const { value, slope } = legendre(part * part, POWER);
  return { value, slope: slope.map((each) => each * 2 * part) };
}
