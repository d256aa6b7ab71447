/** Eigenvalues, rising, and eigenvectors as columns: entry (row, column) at row · n + column. */
export interface Eigen {
  values: Float64Array;
  vectors: Float64Array;
}

/** More turns than any matrix of this kind has ever wanted of one eigenvalue. */
const TURNS_MOST = 60;
/** Smaller than any entry that is meant: its square is still a number. */
const LEAST = 1e-150;

/**
 * All eigenvalues and eigenvectors of a symmetric tridiagonal matrix, by QL with implicit shifts.
 * Source: Bowdler, Martin, Reinsch and Wilkinson 1968, as in EISPACK's TQL2 (from memory).
 * @param diagonal n entries  @param off n − 1 entries beside the diagonal
 * @throws RangeError where the lengths do not fit, or an entry is not finite
 */
export function symmetricTridiagonal(diagonal: ArrayLike<number>, off: ArrayLike<number>): Eigen {
  const n = diagonal.length;
  if (n === 0 || off.length !== n - 1)
    throw new RangeError(`${n} on the diagonal want ${Math.max(0, n - 1)} beside it, not ${off.length}`);
  const d = Float64Array.from(diagonal);
  const e = new Float64Array(n);
  e.set(Float64Array.from(off));
  if (![...d, ...e].every(Number.isFinite)) throw new RangeError("every entry must be finite");
  const z = new Float64Array(n * n);
  for (let i = 0; i < n; i++) z[i * n + i] = 1;
  // Beside the largest entry this is nothing, whatever stands next to it.
  const largest = d.reduce((most, value, i) => Math.max(most, Math.abs(value), Math.abs(e[i])), 0);
  const nothing = Math.max(largest * Number.EPSILON ** 2, LEAST);
  for (let l = 0; l < n; l++) settle(d, e, z, l, nothing);
  return sorted(d, z);
}

/** Turns the matrix until the entry beside the l-th eigenvalue is nothing. */
function settle(d: Float64Array, e: Float64Array, z: Float64Array, l: number, nothing: number): void {
  const n = d.length;
  const splits = (m: number) =>
    Math.abs(e[m]) <= Math.max(nothing, Number.EPSILON * (Math.abs(d[m]) + Math.abs(d[m + 1])));
  for (let turn = 0; ; turn++) {
    let m = l;
    while (m < n - 1 && !splits(m)) m++;
    if (m === l) return;
    if (turn === TURNS_MOST) throw new RangeError("the eigenvalues do not settle");
    // Wilkinson's shift: the eigenvalue of the corner nearer to its end.
    const half = (d[l + 1] - d[l]) / (2 * e[l]);
    const root = Math.sqrt(half * half + 1);
    let g = d[m] - d[l] + e[l] / (half + (half < 0 ? -root : root));
    let sine = 1;
    let cosine = 1;
    let p = 0;
    let i = m - 1;
    for (; i >= l; i--) {
      const f = sine * e[i];
      const b = cosine * e[i];
      const r = Math.sqrt(f * f + g * g);
      e[i + 1] = r;
      if (r === 0) {
        d[i + 1] -= p;
        e[m] = 0;
        break;
      }
      sine = f / r;
      cosine = g / r;
      g = d[i + 1] - p;
      const s = (d[i] - g) * sine + 2 * cosine * b;
      p = sine * s;
      d[i + 1] = g + p;
      g = cosine * s - b;
      turnColumns(z, n, i, sine, cosine);
    }
    if (i >= l) continue;
    d[l] -= p;
    e[l] = g;
    e[m] = 0;
  }
}

function turnColumns(z: Float64Array, n: number, i: number, sine: number, cosine: number): void {
  for (let k = i; k < n * n; k += n) {
    const next = z[k + 1];
    z[k + 1] = sine * z[k] + cosine * next;
    z[k] = cosine * z[k] - sine * next;
  }
}

function sorted(d: Float64Array, z: Float64Array): Eigen {
  const n = d.length;
  const order = Array.from(d.keys()).sort((a, b) => d[a] - d[b] || a - b);
  const vectors = new Float64Array(n * n);
  order.forEach((from, to) => {
    for (let row = 0; row < n; row++) vectors[row * n + to] = z[row * n + from];
  });
  return { values: Float64Array.from(order, (i) => d[i]), vectors };
}
