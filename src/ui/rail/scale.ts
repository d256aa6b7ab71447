import type { Readiness } from "@/core/diffusion/readiness";
import { RAIL_TO_H, type SoftHour, type SoakWindow } from "@/core/formula/soak/window";
import { duration, inZone } from "../format";
import { unitsOf, type Units } from "../units";
import * as words from "@/words/ui/rail/scale";

/** What of a window the rail draws. */
export type RailWindow = Pick<SoakWindow, "ready" | "past"> & {
  pastReason?: SoakWindow["pastReason"] | undefined;
  lacks?: SoakWindow["lacks"];
  readiness?: Readiness;
};

/** A little past the end of what matters. */
const BEYOND = 1.12;
const SHORTEST_SPAN_H = 0.5;

/**
 * How many hours the rail shows, from going in to a little past the end: the marker, the hours it becomes as wanted, and
 * where it stops being so, as far as that is near.
 */
export function spanOf({ ready, past }: RailWindow, hours: number): number {
  const readyH = Math.min(ready.late ?? ready.likely ?? 0, 4 * Math.max(hours, ready.likely ?? 0));
  const matters = Math.max(hours, readyH, SHORTEST_SPAN_H / BEYOND);
  const end = past.likely ?? 0;
  // An end that lies days beyond all that matters would squeeze the rest into a corner.
  const shown = end <= 3 * matters ? Math.max(matters, end) : matters;
  return Math.min(RAIL_TO_H, shown * BEYOND);
}

/** Where an hour lies on a rail of so many hours, 0 to 1. */
export const positionOf = (hours: number, spanH: number): number => Math.min(1, Math.max(0, hours / spanH));

/** The hour at a position of the rail. */
export const hoursAt = (position: number, spanH: number): number => position * spanH;

export interface Tick {
  hours: number;
  text: string;
}

const STEPS_MIN = [5, 10, 15, 30, 60, 120, 180, 360, 720, 1440];
const MOST_TICKS = 6;
/** A mark nearer to the start than this share of the rail would stand on the start's own word. */
const NEAR_START = 0.13;
/** And one nearer to the end would leave the page. */
const NEAR_END = 0.04;

/** Marks along it: by the kitchen's clock where the start is known, by hours where it is not. */
export function ticksOf(
  spanH: number,
  start?: { atMs: number; timeZone: string },
  { clock, dayAndClock }: Pick<Units, "clock" | "dayAndClock"> = unitsOf("metric"),
): Tick[] {
  const stepMin = STEPS_MIN.find((m) => (spanH * 60) / m <= MOST_TICKS) ?? Math.max(...STEPS_MIN);
  const first: Tick = { hours: 0, text: start ? clock(start.atMs, start.timeZone) : words.goesIn };
  const marks: Tick[] = [first];
  const offsetMin = start ? minutesToRound(start, stepMin) : stepMin;
  let day = start && dayAndClock(start.atMs, start.timeZone).slice(0, 3);
  for (let min = offsetMin; min <= spanH * 60; min += stepMin) {
    const hours = min / 60;
    if (hours < spanH * NEAR_START || hours > spanH * (1 - NEAR_END)) continue;
    if (!start) {
      marks.push({ hours, text: duration(hours) });
      continue;
    }
    const atMs = start.atMs + min * 60_000;
    const named = dayAndClock(atMs, start.timeZone);
    const sameDay = named.startsWith(day ?? "");
    day = named.slice(0, 3);
    marks.push({ hours, text: sameDay ? clock(atMs, start.timeZone) : named });
  }
  return marks;
}

/** Minutes from the start to the next round time of the kitchen's clock. */
function minutesToRound({ atMs, timeZone }: { atMs: number; timeZone: string }, stepMin: number): number {
  const at = inZone(atMs, timeZone);
  const intoDay = at.getHours() * 60 + at.getMinutes() + at.getSeconds() / 60;
  return stepMin - (intoDay % stepMin);
}

export interface Zones {
  /** Where "as wanted" begins to fade in, is likely, and is sure; none when its end comes first. */
  ready: { from: number; likely: number; sure: number } | undefined;
  past: { from: number; likely: number };
}

/** The window as positions on a rail of so many hours. */
export function zonesOf(window: RailWindow, spanH: number): Zones {
  const place = (hours: number | undefined) => positionOf(hours ?? Infinity, spanH);
  const pastFrom = place(window.past.early);
  const past = { from: pastFrom, likely: Math.max(pastFrom, place(window.past.likely)) };
  const { early, likely, late } = window.ready;
  if (early === undefined || (early >= (window.past.likely ?? Infinity) && past.likely < 1))
    return { ready: undefined, past };
  if (place(early) >= past.likely) return { ready: undefined, past };
  return { ready: { from: place(early), likely: place(likely), sure: place(late) }, past };
}

export type RailState = "notYet" | "maybe" | "ready" | "past";

/** What an hour is on this window. */
export function stateAt(window: Pick<SoakWindow, "ready" | "past">, hours: number): RailState {
  const reached = (h: SoftHour, edge: keyof SoftHour) =>
    h[edge] !== undefined && hours >= (h[edge] ?? Infinity);
  // At its own minute it is not past it yet.
  if (hours > (window.past.likely ?? Infinity) * (1 + A_HAIR)) return "past";
  if (reached(window.ready, "likely")) return "ready";
  return reached(window.ready, "early") ? "maybe" : "notYet";
}

const SOAK_WORDS: Record<RailState, string> = words.soakWords;
const BAKE_WORDS: Record<RailState, string> = words.bakeWords;

/** A state in a cook's words: salt for a soak, doneness for a bake. */
export function stateWord(
  state: RailState,
  { pastReason, readiness, lacks }: Pick<RailWindow, "pastReason" | "readiness" | "lacks">,
): string {
  if (pastReason === "over_baked") return BAKE_WORDS[state];
  if (state === "ready" && readiness === "outside" && lacks !== "meeting") return words.outsideAsWanted;
  if (state === "ready" && readiness === "even") return words.evenAllThrough;
  if (state === "notYet" && lacks === "spreading") return words.saltyOutside;
  if (state === "notYet" && lacks === "meeting") return words.inPockets;
  return state === "past" && pastReason === "over_salted" ? words.salty : SOAK_WORDS[state];
}

/** Hours typed and hours worked out differ in the last digit. */
const A_HAIR = 1e-6;

const NIGHT = { from: 22, to: 6 };

/** Stretches of the rail that fall into the night, as positions, from a start instant in the kitchen's zone. */
export function nightsFrom(
  startAtMs: number,
  timeZone: string,
  spanH: number,
): { from: number; to: number }[] {
  const nights: { from: number; to: number }[] = [];
  const first = inZone(startAtMs, timeZone);
  for (let day = -1; day <= spanH / 24; day++) {
    const fall = inZone(startAtMs, timeZone);
    fall.setDate(first.getDate() + day);
    fall.setHours(NIGHT.from, 0, 0, 0);
    const dawn = inZone(fall.getTime(), timeZone);
    dawn.setDate(dawn.getDate() + 1);
    dawn.setHours(NIGHT.to, 0, 0, 0);
    const hoursTo = (d: Date) => (d.getTime() - startAtMs) / 3_600_000;
    const [fromH, toH] = [hoursTo(fall), hoursTo(dawn)];
    if (toH > 0 && fromH < spanH)
      nights.push({ from: positionOf(Math.max(fromH, 0), spanH), to: positionOf(toH, spanH) });
  }
  return nights;
}
