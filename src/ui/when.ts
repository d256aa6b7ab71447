import { TZDate } from "@date-fns/tz";
import { parseQuantity } from "@/core/quantity/parse";
import type { MeasureSystem } from "@/core/quantity/spoons";
import { inZone, tell } from "./format";
import { unitsOf } from "./units";
import * as words from "@/words/ui/when";

const MINUTE_MS = 60_000;
const DAY_MS = 24 * 60 * MINUTE_MS;
const HALF_A_MINUTE = MINUTE_MS / 2;

/** An instant as this kitchen's clock has it: "now", "18:00", "Sat 18:00", or with am and pm. */
export function sayWhen(atMs: number, nowMs: number, timeZone: string, measures: MeasureSystem): string {
  if (Math.abs(atMs - nowMs) < HALF_A_MINUTE) return words.now;
  return unitsOf(measures).when(atMs, nowMs, timeZone);
}

/** An instant with its whole date, as a field shows it; whoever types it back gets the same minute. */
export function sayDate(atMs: number, timeZone: string, measures: MeasureSystem): string {
  return tell(atMs, timeZone, measures === "us" ? "EEE d MMM yyyy, h:mm aaa" : "EEE d MMM yyyy, HH:mm");
}

/**
 * Reads a time as a cook says it, looking forward: "now", "6 h", "in 40 min", "18:00", "Sat 18:00", "6 pm tomorrow".
 * @param wordsFrom where "in six hours" counts from
 * @returns undefined when it is no time, or names a day without an hour
 */
export type ReadWhen = (
  text: string,
  nowMs: number,
  timeZone: string,
  wordsFrom?: number,
) => number | undefined;

/** The reader of times, with the library it stands on: fetched when a field is entered, so that leaving it reads at once. */
export async function loadReadWhen(): Promise<ReadWhen> {
  const { parse } = await import("chrono-node");
  return (text, nowMs, timeZone, wordsFrom = nowMs) => {
    const said = text.trim();
    if (/^now$/i.test(said)) return nowMs;
    const minutes = parseQuantity(
      said.replace(/^in\s+/i, ""),
      { dimension: "duration", min: 0, max: 60 * 24 * 14 },
      NaN,
    );
    if (minutes.ok && Number.isFinite(minutes.value)) return wordsFrom + minutes.value * MINUTE_MS;
    const here = inZone(nowMs, timeZone);
    // The library counts in the machine's own zone: it is given this kitchen's wall clock, and its answer is read as one.
    const wall = new Date(
      here.getFullYear(),
      here.getMonth(),
      here.getDate(),
      here.getHours(),
      here.getMinutes(),
    );
    const [read] = parse(said, wall, { forwardDate: true });
    if (!read || read.text.length < said.length * MOST_OF_IT) return undefined;
    const { start } = read;
    if (!start.isCertain("hour") && !/noon|midnight|night|morning|evening/i.test(said)) return undefined;
    const of = (part: "year" | "month" | "day" | "hour" | "minute") => start.get(part) ?? 0;
    const atMs = new TZDate(
      of("year"),
      of("month") - 1,
      of("day"),
      of("hour"),
      of("minute"),
      timeZone,
    ).getTime();
    const dayNamed = start.isCertain("day") || start.isCertain("weekday");
    return !dayNamed && atMs < nowMs - MINUTE_MS ? atMs + DAY_MS : atMs;
  };
}

/** The same in one go. */
export const readWhen = async (...asked: Parameters<ReadWhen>): Promise<number | undefined> =>
  (await loadReadWhen())(...asked);

/** What is read must be most of what was typed, or something else was meant. */
const MOST_OF_IT = 0.6;
