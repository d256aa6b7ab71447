/**
 * Straight-line interpolation in a table of rising x.
 * Outside the table the end value holds; callers that must not extrapolate check first.
 */
export function interpolate(xs: ArrayLike<number>, ys: ArrayLike<number>, x: number): number {
  if (x <= xs[0]) return ys[0];
  const last = xs.length - 1;
  if (x >= xs[last]) return ys[last];
  let low = 0;
  let high = last;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (xs[middle] <= x) low = middle;
    else high = middle;
  }
  const part = (x - xs[low]) / (xs[high] - xs[low]);
  return ys[low] + part * (ys[high] - ys[low]);
}
