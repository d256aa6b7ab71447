import type { Sealed } from "./axis";
import { CholeskyDecomposition, EigenvalueDecomposition, Matrix } from "ml-matrix";

/*
 * Modes of a body that no grid of its own directions fits, by Rayleigh and Ritz: its strength as a sum of functions written down
 * for its shape. Source: Strang and Fix, *An Analysis of the Finite Element Method*, chs. 1 and 6 (from memory).
 */

/** Places and what each counts for; over a whole body the weights sum to 1. */
export interface Points<Place> {
  at: Place[];
  weights: number[];
}

/** Every function at one place, and, where they are asked for, its slopes along each direction. */
export interface Written {
  values: Float64Array;
  slopes: () => Float64Array[];
}

/** Functions made orthonormal over a body: a coefficient is a sum of salt. */
export interface Functions<Place> {
  count: number;
  /** Sums over the body of products of slopes, direction by direction. */
  slopes: readonly Matrix[];
  /** What a strength of 1 throughout is in them. */
  flat: Float64Array;
  /** Every function at a place. */
  at: (place: Place) => Float64Array;
  /** Every function summed over places. */
  summed: (points: Points<Place>) => Float64Array;
  /** Sums over places of products of every two functions. */
  products: (points: Points<Place>) => Matrix;
}

/** @param write every function as it is written down  @param body enough places to sum products of them over it */
export function orthonormal<Place>(write: (place: Place) => Written, body: Points<Place>): Functions<Place> {
  const written = body.at.map(write);
  const values = written.map((place) => place.values);
  const turned = turnerBy(new CholeskyDecomposition(productsOf(values, body.weights)).lowerTriangularMatrix);
  const slopes = written.map((place) => place.slopes());
  // Rows of it turned, and then its columns.
  const bothTurned = (sums: Matrix) => rowsTurned(rowsTurned(sums).transpose());
  const rowsTurned = (sums: Matrix) =>
    new Matrix(sums.to2DArray().map((row) => turned(Float64Array.from(row))));
  const summedUp = (rows: readonly Float64Array[], weights: readonly number[]) => {
    const sums = new Float64Array(values[0].length);
    rows.forEach((row, i) => addTo(sums, row, weights[i]));
    return turned(sums);
  };
  const valuesAt = (at: readonly Place[]) => at.map((place) => write(place).values);
  return {
    count: values[0].length,
    slopes: slopes[0].map((_, d) =>
      bothTurned(
        productsOf(
          slopes.map((place) => place[d]),
          body.weights,
        ),
      ),
    ),
    flat: summedUp(values, body.weights),
    at: (place) => turned(write(place).values),
    summed: ({ at, weights }) => summedUp(valuesAt(at), weights),
    products: ({ at, weights }) => productsOf(valuesAt(at).map(turned), weights),
  };
}

/**
 * Functions as they are written down made orthonormal ones, at any place or summed over any: what solves L x = row.
 * @param lower L, whose square is their products
 */
function turnerBy(lower: Matrix): (row: Float64Array) => Float64Array {
  const rows = lower.to2DArray().map((row) => Float64Array.from(row));
  return (from) => {
    const turned = new Float64Array(from.length);
    for (let k = 0; k < from.length; k++) {
      const row = rows[k];
      let left = from[k];
      for (let j = 0; j < k; j++) left -= row[j] * turned[j];
      turned[k] = left / row[k];
    }
    return turned;
  };
}

/** Four places at a time: what has been summed is fetched and put back a quarter as often. */
function productsOf(rows: readonly Float64Array[], weights: readonly number[]): Matrix {
  const count = rows[0].length;
  const sums = new Float64Array(count * count);
  const none = new Float64Array(count);
  for (let i = 0; i < rows.length; i += 4) {
    const [one, two = none, three = none, four = none] = rows.slice(i, i + 4);
    const [w1, w2 = 0, w3 = 0, w4 = 0] = weights.slice(i, i + 4);
    for (let a = 0; a < count; a++) {
      const [a1, a2, a3, a4] = [w1 * one[a], w2 * two[a], w3 * three[a], w4 * four[a]];
      const to = a * count;
      for (let b = 0; b <= a; b++) sums[to + b] += a1 * one[b] + a2 * two[b] + a3 * three[b] + a4 * four[b];
    }
  }
  for (let a = 0; a < count; a++) for (let b = 0; b < a; b++) sums[b * count + a] = sums[a * count + b];
  return Matrix.from1DArray(count, count, sums);
}

/** A bare face as a film this thin, share of the shortest half: moves the mean by under a thousandth of the step. */
const BARE = 1e-4;

/** What stands before a face, metres of flesh; Infinity where nothing passes. Functions know no face that is held. */
export const filmOf = (thickM: number, shortestHalfM: number, sealed: Sealed): number =>
  sealed === "all" ? Infinity : Math.max(thickM, BARE * shortestHalfM);

export interface RitzModes {
  /** Decay over the diffusivity, 0 or more, rising. */
  rate: Float64Array;
  /** Functions by modes, row after row. */
  shape: Float64Array;
  /** What a strength of 1 throughout is in modes. */
  one: Float64Array;
}

/** @param stiffness what slopes and face hold against a strength, for orthonormal functions; made symmetric here */
export function ritzModes(stiffness: Matrix, flat: Float64Array): RitzModes {
  const count = flat.length;
  // Products turned one way and the other differ in their last digit.
  const even = Matrix.add(stiffness, stiffness.transpose()).mul(0.5);
  const eigen = new EigenvalueDecomposition(even, { assumeSymmetric: true });
  const shape = Float64Array.from(eigen.eigenvectorMatrix.to1DArray());
  const one = new Float64Array(count);
  for (let i = 0; i < count; i++) addTo(one, shape.subarray(i * count, (i + 1) * count), flat[i]);
  return { rate: Float64Array.from(eigen.realEigenvalues, (rate) => Math.max(0, rate)), shape, one };
}

export function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let k = 0; k < a.length; k++) sum += a[k] * b[k];
  return sum;
}

export function addTo(sums: Float64Array, row: Float64Array, weight: number): void {
  for (let k = 0; k < sums.length; k++) sums[k] += weight * row[k];
}

/** Legendre's polynomials of 2s − 1 to a power, s from 0 to 1, and their slopes in s; by their recurrence. */
export function legendre(s: number, power: number): { value: number[]; slope: number[] } {
  const u = 2 * s - 1;
  const value = [1, u];
  const slope = [0, 1];
  for (let n = 1; n < power; n++) {
    value.push(((2 * n + 1) * u * value[n] - n * value[n - 1]) / (n + 1));
    slope.push((2 * n + 1) * value[n] + slope[n - 1]);
  }
  return { value, slope: slope.map((each) => 2 * each) };
}
