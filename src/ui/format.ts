import { TZDate } from "@date-fns/tz";
import { format } from "date-fns";
import { roundForScale, scaleStepG } from "@/core/quantity/rounding";
import { remembered } from "@/core/remembered";
import { locale } from "@/words/locale";

const THIN = "\u202f";

/** Digits in threes by a thin space: 3 640. */
function grouped(text: string): string {
  const [whole = "", part] = text.split(".");
  const spaced = whole.replace(/\B(?=(\d{3})+(?!\d))/g, THIN);
  return part === undefined ? spaced : `${spaced}.${part}`;
}

/** A mass as the scale shows it, without its unit. */
export function grams(massG: number): string {
  return grouped(roundForScale(massG).toFixed(scaleStepG(massG) < 1 ? 1 : 0));
}

export const fixed = (value: number, digits: number): string => grouped(value.toFixed(digits));

/** Less than any scale or sum can tell. */
const NOTHING = 1e-12;

/**
 * A figure as a sum needs it: so many digits that whoever does the sum again from the page comes to what the page says,
 * and no more than it has.
 */
export const exact = (value: number, significant = 9): string => {
  if (Math.abs(value) < NOTHING) return "0";
  const [mantissa = "", exponent] = value.toPrecision(significant).split("e");
  const plain =
    exponent === undefined ? mantissa : value.toFixed(Math.max(0, significant - 1 - Number(exponent)));
  return grouped(plain.includes(".") ? plain.replace(/\.?0+$/, "") : plain).replace("-", "−");
};

/** A result in the middle of a sum. */
export const worked = (value: number): string => exact(value, 6);

/** By how much a clock is off, either way: "3 min", "2 h". @param ms over half a minute */
export const offBy = (ms: number): string => duration(Math.max(1, Math.round(Math.abs(ms) / 60_000)) / 60);

/** A share as percent, two digits: salt is judged in tenths. */
export const percent = (fraction: number, digits = 2): string => fixed(fraction * 100, digits);

export const litres = (ml: number): string => fixed(ml / 1000, ml < 9950 ? 1 : 0);

/** Hours as a cook says them: "35 min", "3 h 12", "2 d 5 h". */
export function duration(hours: number): string {
  const minutes = Math.round(hours * 60);
  if (minutes < 60) return `${minutes} min`;
  if (minutes < 48 * 60) {
    const rest = minutes % 60;
    return rest === 0 ? `${Math.floor(minutes / 60)} h` : `${Math.floor(minutes / 60)} h ${pad(rest)}`;
  }
  const wholeHours = Math.round(minutes / 60);
  const rest = wholeHours % 24;
  return rest === 0 ? `${wholeHours / 24} d` : `${Math.floor(wholeHours / 24)} d ${rest} h`;
}

const pad = (n: number) => String(n).padStart(2, "0");

/** A window edge is in doubt by hours: no minutes past ten hours. */
export function roughly(hours: number): string {
  if (hours < 2) return duration(Math.round(hours * 12) / 12);
  if (hours < 10) return duration(Math.round(hours * 2) / 2);
  return duration(Math.round(hours));
}

/** An instant in the kitchen's own zone. */
export const inZone = (atMs: number, timeZone: string): TZDate => new TZDate(atMs, timeZone);

const told = remembered<string>(4000);

/**
 * An instant as a pattern of date-fns has it, in the kitchen's own zone. A page tells the same few again and again, and a
 * zone is slow to ask: kept by the minute, so no pattern goes finer.
 */
export const tell = (atMs: number, timeZone: string, pattern: string): string =>
  told(`${Math.floor(atMs / 60_000)} ${timeZone} ${pattern}`, () =>
    format(inZone(atMs, timeZone), pattern, { locale }),
  );

export const clock = (atMs: number, timeZone: string): string => tell(atMs, timeZone, "HH:mm");

export const dayAndClock = (atMs: number, timeZone: string): string => tell(atMs, timeZone, "EEE HH:mm");

export const fullDate = (atMs: number, timeZone: string): string =>
  tell(atMs, timeZone, "EEEE d MMMM yyyy, HH:mm");

export const shortDate = (atMs: number, timeZone: string): string =>
  tell(atMs, timeZone, "d MMM yyyy, HH:mm");

const DAY_MS = 24 * 3_600_000;
/** From so far away the name of a day might be taken for this week's. */
const NAMED_WITHIN_MS = 6 * DAY_MS;

/** Whether two instants are of one day, in the kitchen's own zone. */
export const isSameDay = (aMs: number, bMs: number, timeZone: string): boolean =>
  tell(aMs, timeZone, "yyyy-MM-dd") === tell(bMs, timeZone, "yyyy-MM-dd");

/** "06:40" today, "Sat 06:40" on another day, "Sat 5 Dec, 06:40" where Saturday might be another one. */
export const whenFrom = (atMs: number, nowMs: number, timeZone: string): string =>
  whenBy(clock, atMs, nowMs, timeZone);

/** The same by another clock. */
export function whenBy(
  clockOf: (atMs: number, timeZone: string) => string,
  atMs: number,
  nowMs: number,
  timeZone: string,
): string {
  const time = clockOf(atMs, timeZone);
  if (isSameDay(atMs, nowMs, timeZone)) return time;
  const far = Math.abs(atMs - nowMs) >= NAMED_WITHIN_MS;
  return far ? `${tell(atMs, timeZone, "EEE d MMM")}, ${time}` : `${tell(atMs, timeZone, "EEE")} ${time}`;
}

/** For a datetime-local field, in the kitchen's zone. */
export const toLocalField = (atMs: number, timeZone: string): string =>
  tell(atMs, timeZone, "yyyy-MM-dd'T'HH:mm");

/** Reads a datetime-local field as a moment in the kitchen's zone; undefined when it does not read. */
export function fromLocalField(text: string, timeZone: string): number | undefined {
  const parts = /^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)/.exec(text)?.slice(1).map(Number);
  if (!parts) return undefined;
  const [year = NaN, month = NaN, day = NaN, hour = NaN, minute = NaN] = parts;
  const atMs = new TZDate(year, month - 1, day, hour, minute, timeZone).getTime();
  return Number.isFinite(atMs) ? atMs : undefined;
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
