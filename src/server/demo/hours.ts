import { TZDate } from "@date-fns/tz";
import { addDays, isSameDay, isSaturday, nextSaturday } from "date-fns";

const HOUR_MS = 3_600_000;
/** It is soaking already, and not just about to come out. */
const IN_SINCE_MS = HOUR_MS;
const OUT_IN_MS = 0.75 * HOUR_MS;
const DAYS = [0, 1, 2];

const TABLE_HOUR = 18;
/** From then on a Saturday's own table is too near to begin with: the next one's is the coming one. */
const MORNING_OVER_HOUR = 10;

/** The table of the coming Saturday, which may be today's while its morning lasts; and of the one after it. */
export function comingSaturdays(nowMs: number, timeZone: string): { tableMs: number; afterMs: number } {
  const today = new TZDate(nowMs, timeZone);
  const first = isSaturday(today) && today.getHours() < MORNING_OVER_HOUR ? today : nextSaturday(today);
  const tableOn = (day: Date) =>
    new TZDate(day.getFullYear(), day.getMonth(), day.getDate(), TABLE_HOUR, 0, timeZone).getTime();
  return { tableMs: tableOn(first), afterMs: tableOn(addDays(first, 7)) };
}

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
  return Math.min(...startsFor(nowMs, timeZone, soakH, outHours));
}

/** The same for something that is to come out on the day of a table: left out where it would not have gone in yet. */
export function startedForDay(
  dayMs: number,
  nowMs: number,
  timeZone: string,
  soak: { soakH: number; outHours: readonly number[] },
): number | undefined {
  return startsFor(nowMs, timeZone, soak.soakH, soak.outHours).findLast((start) =>
    isSameDay(new TZDate(start + soak.soakH * HOUR_MS, timeZone), new TZDate(dayMs, timeZone)),
  );
}

function startsFor(nowMs: number, timeZone: string, soakH: number, outHours: readonly number[]): number[] {
  const today = new TZDate(nowMs, timeZone);
  const starts = DAYS.flatMap((days) =>
    outHours.map((hour) => {
      const day = addDays(today, days);
      const out = new TZDate(day.getFullYear(), day.getMonth(), day.getDate(), hour, 30, timeZone);
      return out.getTime() - soakH * HOUR_MS;
    }),
  );
  return starts.filter(
    (start) => start <= nowMs - IN_SINCE_MS && start + soakH * HOUR_MS >= nowMs + OUT_IN_MS,
  );
}
