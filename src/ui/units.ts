import { cupsOrQuarts, fahrenheitOf, inchesOf, poundsOf } from "@/core/quantity/american";
import { oneDigit } from "@/core/quantity/said";
import type { MeasureSystem } from "@/core/quantity/spoons";
import {
  clock,
  dayAndClock,
  fixed,
  fullDate,
  grams,
  litres,
  shortDate,
  tell,
  whenBy,
  whenFrom,
} from "./format";

/** How a kitchen reads lengths, volumes, weights and its clock. Weigh-outs stay in grams: the scale has them. */
export interface Units {
  /** @param digits of millimetres */
  length: (mm: number, digits?: number) => string;
  /** Of a vessel or a tray, in centimetres or inches. */
  size: (mm: number) => string;
  volume: (ml: number) => string;
  mass: (g: number) => string;
  /** Of a whole batch, said in passing. */
  bulk: (g: number) => string;
  temperature: (celsius: number) => string;
  /** As a thermometer has it, to its digits. */
  reading: (celsius: number) => string;
  /** Between two temperatures. */
  difference: (celsius: number) => string;
  clock: (atMs: number, timeZone: string) => string;
  dayAndClock: (atMs: number, timeZone: string) => string;
  /** "29 Nov 2026, 02:00". */
  date: (atMs: number, timeZone: string) => string;
  /** "Sunday 29 November 2026, 02:00". */
  fullDate: (atMs: number, timeZone: string) => string;
  /** The clock today, with its day on another. */
  when: (atMs: number, nowMs: number, timeZone: string) => string;
}

const METRIC: Units = {
  length: (mm, digits = 0) => `${fixed(mm, digits)} mm`,
  size: (mm) => `${fixed(mm / 10, 0)} cm`,
  volume: (ml) => `${litres(ml)} L`,
  mass: (g) => `${grams(g)} g`,
  bulk: (g) => `${fixed(g / 1000, 1)} kg`,
  temperature: (celsius) => `${oneDigit(celsius)} °C`,
  reading: (celsius) => `${fixed(celsius, 1)} °C`,
  difference: (celsius) => `${fixed(celsius, Math.abs(celsius) < 10 ? 1 : 0)} °C`,
  clock,
  dayAndClock,
  date: shortDate,
  fullDate,
  when: whenFrom,
};

/** "6 pm", "6:30 pm". */
const clock12 = (atMs: number, timeZone: string): string =>
  tell(atMs, timeZone, "h:mm aaa").replace(":00 ", " ");
const dayAndClock12 = (atMs: number, timeZone: string) =>
  `${tell(atMs, timeZone, "EEE")} ${clock12(atMs, timeZone)}`;

const US: Units = {
  length: inchesOf,
  size: inchesOf,
  volume: cupsOrQuarts,
  mass: poundsOf,
  bulk: poundsOf,
  temperature: (celsius) => `${fahrenheitOf(celsius)} °F`,
  reading: (celsius) => `${fixed(celsius * 1.8 + 32, 0)} °F`,
  difference: (celsius) => `${fixed(celsius * 1.8, 0)} °F`,
  clock: clock12,
  dayAndClock: dayAndClock12,
  date: (atMs, timeZone) => `${tell(atMs, timeZone, "d MMM yyyy")}, ${clock12(atMs, timeZone)}`,
  fullDate: (atMs, timeZone) => `${tell(atMs, timeZone, "EEEE d MMMM yyyy")}, ${clock12(atMs, timeZone)}`,
  when: (atMs, nowMs, timeZone) => whenBy(clock12, atMs, nowMs, timeZone),
};

export const unitsOf = (measures: MeasureSystem): Units => (measures === "us" ? US : METRIC);
