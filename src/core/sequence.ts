/** The first of what is never empty: the one row of a count, an error's findings. @throws RangeError where it is */
export function firstOf<T>(items: readonly T[]): T {
  for (const first of items) return first;
  throw new RangeError("nothing is there to be the first");
}

/** The last of what is never empty: a soak's end. @throws RangeError where it is */
export const lastOf = <T>(items: readonly T[]): T => firstOf(items.slice(-1));

/** Each with the one after it. */
export function pairsOf<T>(items: readonly T[]): [T, T][] {
  const pairs: [T, T][] = [];
  let before: { item: T } | undefined;
  for (const item of items) {
    if (before) pairs.push([before.item, item]);
    before = { item };
  }
  return pairs;
}
