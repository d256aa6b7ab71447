import { TZDate } from "@date-fns/tz";
import { addDays } from "date-fns";
import type { Closed, Span } from "./model";

/** Hours of the day, "HH:MM" by the kitchen's clock; past midnight where `to` is earlier than `from`. */
export interface DayHours {
  from: string;
  to: string;
}

/** Hands-on acts are possible at the edges of the quiet hours, and unloved: so long before and after, min. *Practice*. */
const EDGE_MIN = 60;
const MIN_MS = 60_000;
const DAY_MS = 24 * 60 * MIN_MS;
export const DAYS_MOST = 120;

/**
 * The quiet hours of every night from one instant to another, on a clock whose 0 is the first. Elapsed time: a night with
 * a change of clocks is an hour longer or shorter.
 */
export function nightsBetween(fromMs: number, toMs: number, timeZone: string, quiet: DayHours): Span[] {
  const nights: Span[] = [];
  const first = addDays(new TZDate(fromMs, timeZone), -1);
  // Bounded by the days there are, and they by what a plan may span: no clock and no zone makes it go on.
  const days = Math.ceil((toMs - fromMs) / DAY_MS) + 3;
  if (!(days <= DAYS_MOST) || !Number.isFinite(first.getTime()))
    throw new RangeError(
      `no nights from ${fromMs} to ${toMs} in "${timeZone}": a plan spans at most ${DAYS_MOST} days`,
    );
  for (let day = 0; day < days; day++) {
    const date = addDays(first, day);
    const begins = atClock(date, quiet.from, timeZone);
    if (begins > toMs) return nights;
    const ends = atClock(quiet.to <= quiet.from ? addDays(date, 1) : date, quiet.to, timeZone);
    if (ends > fromMs)
      nights.push({
        fromMin: Math.round((begins - fromMs) / MIN_MS),
        toMin: Math.round((ends - fromMs) / MIN_MS),
      });
  }
  return nights;
}

function atClock(day: TZDate, clock: string, timeZone: string): number {
  const [hours, minutes] = clock.split(":").map(Number);
  return new TZDate(day.getFullYear(), day.getMonth(), day.getDate(), hours, minutes, timeZone).getTime();
}

/** Nights are closed by one demand; the hour before and after each is unloved. */
export function nightRules(nights: readonly Span[]): { closed: Closed[]; unloved: Span[] } {
  return {
    closed: nights.map((night) => ({ ...night, demand: "quiet" })),
    unloved: nights.flatMap(({ fromMin, toMin }) => [
      { fromMin: fromMin - EDGE_MIN, toMin: fromMin },
      { fromMin: toMin, toMin: toMin + EDGE_MIN },
    ]),
  };
}
