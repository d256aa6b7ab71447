const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** Every snapshot of the last two days is kept, then one a day for two weeks, then one a week for ten. */
const ALL_FOR_DAYS = 2;
const DAILY_FOR_DAYS = 14;
const WEEKLY_FOR_DAYS = 70;
/** Never fewer than these, whatever a clock says. */
export const KEPT_AT_LEAST = 7;
/**
 * A longer gap between two snapshots than any there is in use is no age: a clock that was set a year ahead, or a machine
 * that was off for a month, does not make the last good copies old.
 */
const GAP_MOST_MS = 8 * DAY_MS;
/** Dated further ahead than this a snapshot was taken by another clock. */
const AHEAD_MS = HOUR_MS;

/** A snapshot that a clock that was ahead has dated: it neither keeps others from being taken nor makes them old. */
export const isAhead = (takenMs: number, nowMs: number): boolean => takenMs > nowMs + AHEAD_MS;

/**
 * Which snapshots may go. Ages are counted from the newest back, by how long this kitchen was in use between them.
 * @param takenMs when each was taken, UTC ms, in any order
 * @returns those to drop; never the newest, never one dated ahead, never so many that fewer than seven are left
 */
export function outlived(takenMs: readonly number[], nowMs: number): number[] {
  const goes = outlivedAtOnce(takenMs, nowMs);
  if (goes.length === 0) return [];
  // With some gone the gaps between the others are longer, and some of those no age any more.
  const gone = new Set(goes);
  const left = takenMs.filter((ms) => !gone.has(ms));
  return [...goes, ...outlived(left, nowMs)];
}

function outlivedAtOnce(takenMs: readonly number[], nowMs: number): number[] {
  const kept = new Set<string>();
  const sorted = takenMs.filter((ms) => !isAhead(ms, nowMs)).sort((a, b) => b - a);
  let ageMs = 0;
  const over = sorted.filter((ms, i) => {
    const gapMs = (sorted[i - 1] ?? ms) - ms;
    if (gapMs <= GAP_MOST_MS) ageMs += gapMs;
    const days = ageMs / DAY_MS;
    if (i === 0 || days <= ALL_FOR_DAYS) return false;
    const place =
      days <= DAILY_FOR_DAYS
        ? `day ${Math.floor(ms / DAY_MS)}`
        : days <= WEEKLY_FOR_DAYS
          ? `week ${Math.floor(ms / (7 * DAY_MS))}`
          : undefined;
    if (place === undefined || kept.has(place)) return true;
    kept.add(place);
    return false;
  });
  const mayGo = Math.max(0, sorted.length - KEPT_AT_LEAST);
  // The oldest go first.
  return over.slice(Math.max(0, over.length - mayGo));
}
