import { TZDate } from "@date-fns/tz";
import { addDays } from "date-fns";

const HOUR_MS = 3_600_000;
/** It is soaking already, and not just about to come out. */
const IN_SINCE_MS = HOUR_MS;
const OUT_IN_MS = 0.75 * HOUR_MS;
const DAYS = [0, 1, 2];

/**
 * When something that is soaking now went in, so that it comes out at an hour a canteen keeps.
 * @param outHours hours of the day it may come out at, rising  @returns the start of the one that comes out first
 */
export function startedFor(
  nowMs: number,
  timeZone: string,
  soakH: number,
  outHours: readonly number[],
): number {
  const today = new TZDate(nowMs, timeZone);
  const starts = DAYS.flatMap((days) =>
    outHours.map((hour) => {
      const day = addDays(today, days);
      const out = new TZDate(day.getFullYear(), day.getMonth(), day.getDate(), hour, 30, timeZone);
      return out.getTime() - soakH * HOUR_MS;
    }),
  );
  const fits = starts.filter(
    (start) => start <= nowMs - IN_SINCE_MS && start + soakH * HOUR_MS >= nowMs + OUT_IN_MS,
  );
  return Math.min(...fits);
}
