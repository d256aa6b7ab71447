const DAY_MS = 24 * 3_600_000;
/** Every snapshot of the last two days is kept, then one a day for two weeks, then one a week for ten. */
const ALL_FOR_DAYS = 2;
const DAILY_FOR_DAYS = 14;
const WEEKLY_FOR_DAYS = 70;

/**
 * Which snapshots may go.
 * @param takenMs when each was taken, UTC ms, in any order
 * @returns those to drop; the newest is never among them
 */
export function outlived(takenMs: readonly number[], nowMs: number): number[] {
  const kept = new Set<string>();
  return [...takenMs]
    .sort((a, b) => b - a)
    .filter((ms, i) => {
      const days = (nowMs - ms) / DAY_MS;
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
}
