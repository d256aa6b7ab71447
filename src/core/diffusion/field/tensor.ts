/** Three directions of values in a row, the last running fastest; a direction that is not there has length 1. */
export type Lengths = readonly [number, number, number];

/**
 * A matrix applied along one direction of a block of values.
 * @param matrix rows by columns, row after row; its columns are the direction's length
 */
export function along(
  values: Float64Array,
  [a, b, c]: Lengths,
  axis: 0 | 1 | 2,
  matrix: Float64Array,
  rows: number,
): Float64Array {
  const length = [a, b, c][axis];
  const inner = axis === 0 ? b * c : axis === 1 ? c : 1;
  const outer = axis === 0 ? 1 : axis === 1 ? a : a * b;
  const result = new Float64Array(outer * rows * inner);
  if (inner === 1) {
    products(values, length, matrix, rows, result);
    return result;
  }
  for (let o = 0; o < outer; o++)
    for (let r = 0; r < rows; r++) {
      const to = (o * rows + r) * inner;
      for (let k = 0; k < length; k++) {
        const weight = matrix[r * length + k];
        if (weight === 0) continue;
        const from = (o * length + k) * inner;
        for (let i = 0; i < inner; i++) result[to + i] += weight * values[from + i];
      }
    }
  return result;
}

/**
 * Along the direction that runs fastest each result is one plain product, row by line. Rows go four at a time and lines two:
 * an addition need not wait for the one before it, what is read serves twice, and each sum is the same to the last bit.
 */
function products(
  values: Float64Array,
  length: number,
  matrix: Float64Array,
  rows: number,
  into: Float64Array,
): void {
  const lines = values.length / length;
  const fours = rows - (rows % 4);
  for (let line = 0; line < lines; line += 2) {
    // An odd line at the end is its own neighbour.
    const beside = Math.min(line + 1, lines - 1);
    const [from, fromB] = [line * length, beside * length];
    const [to, toB] = [line * rows, beside * rows];
    for (let r = 0; r < fours; r += 4) {
      let [one, two, three, four] = [0, 0, 0, 0];
      let [oneB, twoB, threeB, fourB] = [0, 0, 0, 0];
      for (let k = 0, at = r * length; k < length; k++, at++) {
        const value = values[from + k];
        const valueB = values[fromB + k];
        const a = matrix[at];
        const b = matrix[at + length];
        const c = matrix[at + 2 * length];
        const d = matrix[at + 3 * length];
        one += a * value;
        two += b * value;
        three += c * value;
        four += d * value;
        oneB += a * valueB;
        twoB += b * valueB;
        threeB += c * valueB;
        fourB += d * valueB;
      }
      into[to + r] = one;
      into[to + r + 1] = two;
      into[to + r + 2] = three;
      into[to + r + 3] = four;
      into[toB + r] = oneB;
      into[toB + r + 1] = twoB;
      into[toB + r + 2] = threeB;
      into[toB + r + 3] = fourB;
    }
    for (let r = fours; r < rows; r++) {
      let [sum, sumB] = [0, 0];
      for (let k = 0, at = r * length; k < length; k++, at++) {
        sum += matrix[at] * values[from + k];
        sumB += matrix[at] * values[fromB + k];
      }
      into[to + r] = sum;
      into[toB + r] = sumB;
    }
  }
}

/** How far into a block anything is but nothing, direction by direction; at least one in each. */
export function reachOf(values: Float64Array, [a, b, c]: Lengths): Lengths {
  let [x, y, z] = [1, 1, 1];
  for (let i = 0, at = 0; i < a; i++)
    for (let j = 0; j < b; j++, at += c) {
      let k = c;
      while (k > 0 && values[at + k - 1] === 0) k--;
      if (k === 0) continue;
      x = i + 1;
      if (j >= y) y = j + 1;
      if (k > z) z = k;
    }
  return [x, y, z];
}

/** The first of a block in each direction, as a block of its own. */
export function corner(values: Float64Array, [a, b, c]: Lengths, [x, y, z]: Lengths): Float64Array {
  if (x === a && y === b && z === c) return values;
  const first = new Float64Array(x * y * z);
  for (let i = 0, to = 0; i < x; i++)
    for (let j = 0; j < y; j++, to += z) {
      const from = (i * b + j) * c;
      first.set(values.subarray(from, from + z), to);
    }
  return first;
}

/** One number from a block: each direction weighed by a row of its own. */
export function contracted(
  values: Float64Array,
  [a, b, c]: Lengths,
  rows: readonly [Float64Array, Float64Array, Float64Array],
): number {
  const [x, y, z] = rows;
  let sum = 0;
  for (let i = 0, at = 0; i < a; i++) {
    let plane = 0;
    for (let j = 0; j < b; j++) {
      let line = 0;
      for (let k = 0; k < c; k++, at++) line += z[k] * values[at];
      plane += y[j] * line;
    }
    sum += x[i] * plane;
  }
  return sum;
}

/** Products of one number from each direction, in the order of a block. */
export function outer(x: Float64Array, y: Float64Array, z: Float64Array, into: Float64Array): void {
  let at = 0;
  for (let i = 0; i < x.length; i++)
    for (let j = 0; j < y.length; j++) {
      const plane = x[i] * y[j];
      for (let k = 0; k < z.length; k++) into[at++] = plane * z[k];
    }
}
